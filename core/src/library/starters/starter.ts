import { dayMs } from '../../base/time/index.js';
import { buildWidget, type WidgetSketch } from '../sketch/index.js';
import type { WidgetDocument } from '../../document/widget/index.js';

/** What a starter is for. */
export const purposes = {
  gather: 'Grow a newsletter',
  sell: 'Sell',
  announce: 'Announce',
  ask: 'Collect feedback',
  book: 'Take bookings',
  give: 'Raise donations',
  members: 'Membership and sign-in',
} as const;

export type Purpose = keyof typeof purposes;

/** What a starter may depend on besides the brand. */
export interface StarterTime {
  /** ms since the epoch. */
  now: number;
  /** Name in the IANA time zone database. */
  zone: string;
}

/** A ready-made widget to begin from. */
export interface Starter {
  id: string;
  purpose: Purpose;
  /** One sentence: what it is for. */
  says: string;
  sketch(time: StarterTime): WidgetSketch;
}

/** The evening, eight o'clock, of the day that is so many days ahead. */
export function eveningIn(days: number, { now }: StarterTime): string {
  return `${new Date(now + days * dayMs).toISOString().slice(0, 10)}T20:00`;
}

/**
 * The widget that a starter begins with, whole.
 *
 * @example starterDocument(starters[0], { now: Date.now(), zone: 'Europe/London' })
 */
export const starterDocument = (starter: Starter, time: StarterTime): WidgetDocument =>
  buildWidget(starter.sketch(time));
