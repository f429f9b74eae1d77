/** What a page tells of itself when a visitor comes to it. Page, stage and rehearsal fill it alike (embed/facts.ts). */
export interface PageFacts {
  /** Absolute, with its query. */
  address: string;
  /** Window width in px. */
  width: number;
  /** Slugs of the places that the page has for inline widgets. */
  markers: readonly string[];
}
