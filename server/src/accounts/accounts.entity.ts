import { Column, Entity, PrimaryColumn } from 'typeorm';

@Entity('user')
export class UserEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') email: string;
  @Column('text') name: string;
  /** Null where nobody can sign in with a password, as with the demo account. */
  @Column('text', { nullable: true }) passwordHash: string | null;
  @Column('integer') createdAt: number;
}

@Entity('session')
export class SessionEntity {
  /** Of the token only the hash is kept: a copy of the database signs nobody in. */
  @PrimaryColumn('text') tokenHash: string;
  @Column('text') userId: string;
  @Column('integer') expiresAt: number;
}

@Entity('member')
export class MemberEntity {
  @PrimaryColumn('text') userId: string;
  @PrimaryColumn('text') siteId: string;
  @Column('text') role: string;
}
