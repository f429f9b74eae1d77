import { Column, Entity, PrimaryColumn } from 'typeorm';

/** What is often answered at the desk, by a short name. */
@Entity('saved_reply')
export class SavedReplyEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') siteId: string;
  @Column('text') name: string;
  @Column('text') text: string;
}
