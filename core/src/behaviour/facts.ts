/** What a page tells of itself when a visitor comes to it. Page, stage and rehearsal fill it alike (embed/facts.ts). */
export interface PageFacts {
  /** Absolute, with its query. */
  address: string;
  /** Window width in px. */
  width: number;
  /** Slugs of the places that the page has for inline widgets. */
  markers: readonly string[];
  /** Whether what points is a finger (Media Queries 4, `pointer: coarse`). */
  touch: boolean;
  /** What the visitor reads best (BCP 47). */
  language: string;
  /** The host of the other site that led here, without `www.`; empty where none did or the browser does not say. */
  from: string;
  /** The campaign parameters of the address: those that begin with `utm_`. */
  campaign: Readonly<Record<string, string>>;
  /** What the page says that it is, in small letters: `article`, `product`. */
  types: readonly string[];
  /** What the visitor's clock is ahead of UTC, minutes. */
  ahead: number;
}
