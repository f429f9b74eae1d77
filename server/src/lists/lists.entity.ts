import { Column, Entity, PrimaryColumn } from 'typeorm';

export const entryStates = ['pending', 'confirmed', 'unsubscribed'] as const;
export type EntryState = (typeof entryStates)[number];

/** A mailing list of a site, known by its name. */
@Entity('list')
export class ListEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') siteId: string;
  @Column('text') name: string;
  @Column('integer') createdAt: number;
}

/** What is sent to somebody who has confirmed. */
export interface Welcome {
  subject: string;
  text: string;
}

/** How a person stands to a list. */
@Entity('list_entry')
export class ListEntryEntity {
  @PrimaryColumn('text') listId: string;
  @PrimaryColumn('text') personId: string;
  @Column('text') state: EntryState;
  /** What the links in the mails to them carry. */
  @Column('text') token: string;
  /** Since when it stands so. */
  @Column('integer') since: number;
  @Column('simple-json', { nullable: true }) welcome: Welcome | null;
  /** The submission by which they asked; null for those who came in by a file. */
  @Column('text', { nullable: true }) submissionId: string | null;
}

export const listEventKinds = ['asked', 'confirmed', 'unsubscribed', 'imported'] as const;
export type ListEventKind = (typeof listEventKinds)[number];

/** One thing that happened between a person and a list: the proof of when, where, and by which words. */
@Entity('list_event')
export class ListEventEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') listId: string;
  @Column('text') personId: string;
  @Column('text') kind: ListEventKind;
  @Column('integer') at: number;
  @Column('text') page: string;
  /** What they agreed to, as they saw it. */
  @Column('text') words: string;
  @Column('text', { nullable: true }) submissionId: string | null;
}
