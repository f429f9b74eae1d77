import type { SpamReason } from '@sirene/core/form';
import { Column, Entity, PrimaryColumn } from 'typeorm';

/** Someone who has sent something to a site; known by their e-mail address or their phone number. */
@Entity('person')
export class PersonEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') siteId: string;
  /** Empty where only a phone number is known; no two of a site have the same. */
  @Column('text') email: string;
  /** As all the world dials it (E.164); empty where none is known. Some share one. */
  @Column('text', { default: '' }) phone: string;
  @Column('text') name: string;
  @Column('integer') firstAt: number;
  @Column('integer') lastAt: number;
  @Column('simple-json', { default: '[]' }) tags: string[];
}

/** Another e-mail address of a person, which came to them with somebody who turned out to be the same. */
@Entity('person_alias')
export class AliasEntity {
  @PrimaryColumn('text') siteId: string;
  @PrimaryColumn('text') email: string;
  @Column('text') personId: string;
}

/** Two persons who were brought together, with what it takes to take them apart again. */
@Entity('person_merge')
export class MergeEntity {
  @PrimaryColumn('text') id: string;
  /** Whoever is left. */
  @Column('text') personId: string;
  /** Whoever is left, as they were before. */
  @Column('simple-json') before: PersonEntity;
  /** Whoever went. */
  @Column('simple-json') merged: PersonEntity;
  @Column('simple-json') moved: Moved;
  @Column('integer') at: number;
  @Column('text', { nullable: true }) byId: string | null;
}

/** What went over from one person to another: ids by table, and how both stood to lists. */
export interface Moved {
  rows: Record<string, string[]>;
  /** Entries of lists as they were, of both. */
  entries: MovedEntry[];
  aliases: string[];
}

/** A row of the table of those on lists. */
export interface MovedEntry {
  listId: string;
  personId: string;
  state: string;
  token: string;
  since: number;
  welcome: string | null;
  submissionId: string | null;
}

/** What somebody of the site wrote down about a person. */
@Entity('person_note')
export class NoteEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') personId: string;
  @Column('text', { nullable: true }) byId: string | null;
  @Column('text') text: string;
  @Column('integer') at: number;
}

/** One value of a submission, with the label the visitor saw. */
export interface SubmittedField {
  key: string;
  label: string;
  value: string;
  /** The same as data, where that is no text: a number, or those that were chosen. */
  answer?: number | string[];
  /** A phone number as all the world dials it (E.164), where it can be told. */
  phone?: string;
  /** The files that it is, where it is those: its value is their names. */
  files?: { id: string; name: string; type: string; bytes: number }[];
  /** Whether it is a consent that was given: its value is what they agreed to. */
  consent?: true;
}

/** A submission that looks like spam: neither a person nor its actions follow before somebody has looked at it. */
export interface Held {
  reasons: SpamReason[];
  email: string;
  name: string;
  /** The form that was sent, by its element; unknown of those that an earlier version held back. */
  form?: string;
}

@Entity('submission')
export class SubmissionEntity {
  @PrimaryColumn('text') siteId: string;
  /** Made by the visitor's page, so that sending twice stores once. */
  @PrimaryColumn('text') id: string;
  @Column('text') widgetId: string;
  /** Kept as it was called then: a submission outlives its widget. */
  @Column('text') widgetName: string;
  @Column('integer') versionNumber: number;
  @Column('text', { nullable: true }) personId: string | null;
  @Column('simple-json') fields: SubmittedField[];
  @Column('text') page: string;
  @Column('text') pageTitle: string;
  @Column('integer') receivedAt: number;
  /** Why it is held back, and who sent it, until it is let through. */
  @Column('simple-json', { nullable: true }) held: Held | null;
  /** When somebody of the site looked at it first; null while nobody has. */
  @Column('integer', { nullable: true }) readAt: number | null;
  /** Who of the site has taken it on. */
  @Column('text', { nullable: true }) assigneeId: string | null;
}
