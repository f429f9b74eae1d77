import { Column, Entity, PrimaryColumn } from 'typeorm';
import type { SiteRole } from '../accounts/accounts.entity.js';

/** A link that makes whoever opens it a member of a site, once. */
@Entity('invitation')
export class InvitationEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') tokenHash: string;
  @Column('text') siteId: string;
  @Column('text') invitedBy: string;
  @Column('text') role: SiteRole;
  @Column('integer') createdAt: number;
  @Column('integer') expiresAt: number;
}
