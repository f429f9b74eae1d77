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
  /** By which its user ends it. */
  @Column('text') id: string;
  @Column('integer') createdAt: number;
  /** What the browser says of itself. */
  @Column('text') device: string;
}

@Entity('password_reset')
export class PasswordResetEntity {
  @PrimaryColumn('text') tokenHash: string;
  @Column('text') userId: string;
  @Column('integer') expiresAt: number;
}

/** Who may do what on a site: an owner also invites, removes and archives. */
export const roles = ['owner', 'member'] as const;
export type SiteRole = (typeof roles)[number];

@Entity('member')
export class MemberEntity {
  @PrimaryColumn('text') userId: string;
  @PrimaryColumn('text') siteId: string;
  @Column('text') role: SiteRole;
}
