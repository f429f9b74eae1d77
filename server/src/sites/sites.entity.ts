import type { Policy } from '@sirene/core/behaviour';
import type { Brand } from '@sirene/core/style';
import { Column, Entity, PrimaryColumn } from 'typeorm';

@Entity('site')
export class SiteEntity {
  @PrimaryColumn('text') id: string;
  /** Public: stands in the script tag. */
  @Column('text') key: string;
  @Column('text') name: string;
  /** Origins (RFC 6454) whose pages may show this site's widgets. */
  @Column('simple-json') origins: string[];
  @Column('simple-json') brand: Partial<Brand>;
  /** How much its widgets may interrupt together. */
  @Column('simple-json') policy: Policy;
  /** The zone of its clocks, as the IANA time zone database names it. */
  @Column('text') zone: string;
  @Column('integer') createdAt: number;
  /** Words that hold a submission back as spam, in small letters. */
  @Column('simple-json', { default: '[]' }) unwantedWords: string[];
  /** 1 where its members may write to each other. */
  @Column('integer', { default: 0 }) memberChat: number;
  /** When a page last loaded the script, and which. */
  @Column('integer', { nullable: true }) seenAt: number | null;
  @Column('text', { nullable: true }) seenPage: string | null;
  /** What tokens of its members are checked with, sealed; null where nobody signs any. */
  @Column('text', { nullable: true, select: false }) identityKey: string | null;
  /** When it was put aside; visitors of an archived site see none of its widgets. */
  @Column('integer', { nullable: true }) archivedAt: number | null;
}

/** A page on which the site's script was seen: what a designer chooses pages from. */
@Entity('seen_page')
export class SeenPageEntity {
  @PrimaryColumn('text') siteId: string;
  /** Without query and fragment. */
  @PrimaryColumn('text') path: string;
  @Column('integer') at: number;
}
