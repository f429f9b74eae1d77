import { Column, Entity, PrimaryColumn } from 'typeorm';

/** A column of a sheet: the field that fills it, and what it is called now. */
export interface SheetColumn {
  key: string;
  label: string;
}

/** What stands in a cell: a number as one, everything else as its text. */
export type Cell = string | number;

/** A spreadsheet of a site, known by its name. */
@Entity('sheet')
export class SheetEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') siteId: string;
  @Column('text') name: string;
  /** In the order in which they came; none of them ever moves. */
  @Column('simple-json') columns: SheetColumn[];
  /** What its secret address carries. */
  @Column('text') token: string;
  @Column('integer') createdAt: number;
}

@Entity('sheet_row')
export class SheetRowEntity {
  @PrimaryColumn('integer') number: number;
  @Column('text') sheetId: string;
  /** The delivery that made it: tried again, it makes one. */
  @Column('text') deliveryId: string;
  @Column('integer') at: number;
  @Column('simple-json') cells: Record<string, Cell>;
}
