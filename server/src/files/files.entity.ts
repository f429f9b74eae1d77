import { Column, Entity, PrimaryColumn } from 'typeorm';

/** A file that was sent with a form or in a chat; its content lies in the data folder under its id. */
@Entity('file')
export class FileEntity {
  /** 32 hexadecimal digits that nobody can guess: who has them may put the file into a submission or a message. */
  @PrimaryColumn('text') id: string;
  @Column('text') siteId: string;
  /** Null until the form has been sent. */
  @Column('text', { nullable: true }) submissionId: string | null;
  /** Null until it has been sent in a conversation. */
  @Column('text', { nullable: true }) conversationId: string | null;
  @Column('text') name: string;
  /** Its media type, read from its content. */
  @Column('text') type: string;
  @Column('integer') bytes: number;
  @Column('integer') sentAt: number;
}
