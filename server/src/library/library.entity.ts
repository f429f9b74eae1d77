import type { Purpose } from '@sirene/core/library/starters';
import type { Branch, WidgetDocument } from '@sirene/core/document/widget';
import { Column, Entity, PrimaryColumn } from 'typeorm';

/** An element with all it holds, kept for reuse on its site. */
@Entity('shelf_item')
export class ShelfItemEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') siteId: string;
  @Column('text') name: string;
  @Column('simple-json') branch: Branch;
  @Column('integer') createdAt: number;
}

/** A widget that a site's designers begin others from. */
@Entity('own_starter')
export class OwnStarterEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') siteId: string;
  @Column('text') purpose: Purpose;
  /** One sentence: what it is for. */
  @Column('text') says: string;
  @Column('simple-json') document: WidgetDocument;
  @Column('integer') createdAt: number;
}
