import type { Brand } from '@sirene/core/style';
import { Column, Entity, PrimaryColumn } from 'typeorm';

@Entity('site')
export class SiteEntity {
  @PrimaryColumn('text') id: string;
  /** Public: stands in the script tag. */
  @Column('text') key: string;
  @Column('text') name: string;
  /** Origins (RFC 6454) whose pages may show this site's widgets. */
  @Column('simple-json') origins: string[];
  @Column('simple-json') brand: Partial<Brand>;
  @Column('integer') createdAt: number;
  /** When a page last loaded the script, and which. */
  @Column('integer', { nullable: true }) seenAt: number | null;
  @Column('text', { nullable: true }) seenPage: string | null;
  /** When it was put aside; visitors of an archived site see none of its widgets. */
  @Column('integer', { nullable: true }) archivedAt: number | null;
}
