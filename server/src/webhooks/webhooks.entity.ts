import { Column, Entity, PrimaryColumn } from 'typeorm';

/** What a site's webhooks are signed with; sealed by the vault. */
@Entity('webhook_key')
export class WebhookKeyEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') siteId: string;
  @Column('text') sealed: string;
  @Column('integer') createdAt: number;
  /** Until when it still signs beside the one that took its place; null while it is the site's own. */
  @Column('integer', { nullable: true }) signsUntil: number | null;
}
