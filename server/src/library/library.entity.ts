import type { Branch } from '@sirene/core/widget';
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
