import type { WidgetDocument } from '@sirene/core/document/widget';
import { Column, DeleteDateColumn, Entity, PrimaryColumn } from 'typeorm';

@Entity('widget')
export class WidgetEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') siteId: string;
  /** Its address name, unique on its site. */
  @Column('text') slug: string;
  @Column('simple-json') draft: WidgetDocument;
  /** Counts up with every save; an editor must name the one it started from. */
  @Column('integer') draftVersion: number;
  @Column('integer') draftSavedAt: number;
  /** The version that visitors get, and the draft it was made of; null when nothing is published. */
  @Column('integer', { nullable: true }) publishedNumber: number | null;
  @Column('integer', { nullable: true }) publishedDraft: number | null;
  @Column('integer') createdAt: number;
  /** Set while it is put aside: no list holds it, no visitor gets it, and it can be brought back. */
  @DeleteDateColumn({ type: 'text', nullable: true }) deletedAt: string | null;
}

/** A published version. Never changed. */
@Entity('version')
export class VersionEntity {
  @PrimaryColumn('text') widgetId: string;
  @PrimaryColumn('integer') number: number;
  @Column('simple-json') document: WidgetDocument;
  @Column('text') bodyHash: string;
  @Column('integer') publishedAt: number;
  @Column('text') publishedBy: string;
}

/** A compiled body, addressed by its content. */
@Entity('body')
export class BodyEntity {
  @PrimaryColumn('text') hash: string;
  @Column('text') content: string;
}

/** What one widget did on one day (UTC). */
@Entity('count')
export class CountEntity {
  @PrimaryColumn('text') widgetId: string;
  @PrimaryColumn('text') day: string;
  @Column('integer') shown: number;
  @Column('integer') closed: number;
  @Column('integer') submitted: number;
}
