import { Column, Entity, PrimaryColumn } from 'typeorm';

/** A link by which a site's drafts run on its live pages. */
@Entity('try_link')
export class TryLinkEntity {
  @PrimaryColumn('text') tokenHash: string;
  @Column('text') siteId: string;
  @Column('text') createdBy: string;
  @Column('integer') expiresAt: number;
}
