import { Column, Entity, PrimaryColumn } from 'typeorm';

/** One code of a site's pools, which is given to one visitor. */
@Entity('code')
export class CodeEntity {
  @PrimaryColumn('text') siteId: string;
  @PrimaryColumn('text') pool: string;
  @PrimaryColumn('text') code: string;
  /** The hash of what the visitor's browser is known by; null while nobody has it. */
  @Column('text', { nullable: true }) givenTo: string | null;
  @Column('integer', { nullable: true }) givenAt: number | null;
}

/** What a site's promises to visitors are signed with. */
@Entity('signing_key')
export class SigningKeyEntity {
  @PrimaryColumn('text') siteId: string;
  @Column('text') key: string;
}
