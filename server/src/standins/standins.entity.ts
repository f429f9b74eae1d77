import { Column, Entity, PrimaryColumn } from 'typeorm';

/** A mail that the mail stand-in received. */
@Entity('mail')
export class MailEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') sender: string;
  @Column('simple-json') recipients: string[];
  @Column('text') subject: string;
  @Column('text') text: string;
  @Column('simple-json') headers: { name: string; value: string }[];
  @Column('integer') receivedAt: number;
}
