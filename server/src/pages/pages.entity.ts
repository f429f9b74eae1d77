import { Column, Entity, PrimaryColumn } from 'typeorm';

/** A stored copy of a page of the client's site, for the stage to stand on. */
@Entity('page')
export class PageEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') siteId: string;
  @Column('text') address: string;
  @Column('text') title: string;
  @Column('text') html: string;
  /** What it says that it is, and the inline widgets it has markers for. */
  @Column('simple-json') types: string[];
  @Column('simple-json') markers: string[];
  @Column('integer') storedAt: number;
}
