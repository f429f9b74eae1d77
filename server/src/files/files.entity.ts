import { Column, Entity, PrimaryColumn } from 'typeorm';

/** A file that a visitor sent with a form; its content lies in the data folder under its id. */
@Entity('file')
export class FileEntity {
  /** 32 hexadecimal digits that nobody can guess: who has them may put the file into a submission. */
  @PrimaryColumn('text') id: string;
  @Column('text') siteId: string;
  /** Null until the form has been sent. */
  @Column('text', { nullable: true }) submissionId: string | null;
  @Column('text') name: string;
  /** Its media type, read from its content. */
  @Column('text') type: string;
  @Column('integer') bytes: number;
  @Column('integer') sentAt: number;
}
