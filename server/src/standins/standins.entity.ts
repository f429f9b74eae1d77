import { Column, Entity, PrimaryColumn } from 'typeorm';

/** A mail that the mail stand-in received. */
@Entity('mail')
export class MailEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') sender: string;
  @Column('simple-json') recipients: string[];
  @Column('text') subject: string;
  @Column('text') text: string;
  /** The same as HTML; empty where it has none. */
  @Column('text') html: string;
  /** Its attachments; of a text what it says, of anything else nothing. */
  @Column('simple-json') attachments: { name: string; type: string; text: string }[];
  @Column('simple-json') headers: { name: string; value: string }[];
  @Column('integer') receivedAt: number;
}

/** A webhook that the webhook stand-in received; tried again, it counts up. */
@Entity('test_hook')
export class TestHookEntity {
  @PrimaryColumn('text') siteId: string;
  @PrimaryColumn('text') id: string;
  @Column('text') body: string;
  /** 1 where its signature was the site's. */
  @Column('integer') genuine: number;
  @Column('integer') times: number;
  @Column('integer') answered: number;
  @Column('integer') lastAt: number;
}
