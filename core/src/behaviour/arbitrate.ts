import { covered, type Covers } from './slots.js';

/** How much a site's widgets may interrupt its visitors together. */
export interface Policy {
  /** Seconds between the end of one interruption and the next. */
  quietGap: number;
  /** The most interruptions on one page and in one visit; null is no limit. */
  perPage: number | null;
  perVisit: number | null;
  /** Whether one that has to wait appears later on the page, or not on this page at all. */
  waiting: 'later' | 'never';
}

/** No limit but that overlays come one at a time. */
export const openPolicy: Policy = { quietGap: 0, perPage: null, perVisit: null, waiting: 'later' };

/** Which place it takes: overlays share one, inline ones each need their marker, free ones stand beside them. */
export type Mode = 'overlay' | 'inline' | 'free';

/** A widget that stands on the page, or wants to. */
export interface Candidate {
  id: string;
  slug: string;
  mode: Mode;
  covers: Covers;
}

/** What the page has room for, and what the visitor has had to put up with so far. */
export interface Room {
  /** The inline widgets it has markers for, by their address names. */
  markers: readonly string[];
  /** Window width, px. */
  width: number;
  now: number;
  /** Interruptions on this page and in this visit. */
  onPage: number;
  inVisit: number;
  /** When the last interruption ended, ms since the epoch; `null` before the first. */
  quietSince: number | null;
  /** Those that had to wait where none may wait. */
  dropped: readonly string[];
}

/**
 * What stands in the way of a widget: a page without its marker, another widget that has the place, or the site's policy.
 */
export type Blocker =
  | { by: 'marker' }
  | { by: 'widget'; widget: string }
  /** Until then it is quiet, ms since the epoch. */
  | { by: 'gap'; until: number }
  | { by: 'perPage' | 'perVisit'; most: number }
  /** It had to wait, and this site lets nobody wait. */
  | { by: 'dropped' };

/** Who gets a place on the page, and who does not and why. */
export interface Decision {
  widget: string;
  /** Left out where it gets its place. */
  blocker?: Blocker;
}

/** Whether a widget that comes by itself interrupts the visitor. */
export const interrupts = ({ mode }: Pick<Candidate, 'mode'>): boolean => mode === 'overlay';

/** Whether two widgets can't stand on a page of that width together: only one may interrupt, and no two lie on one another. */
export const compete = (one: Candidate, other: Candidate, width: number): boolean =>
  (interrupts(one) && interrupts(other)) || covered(one.covers, other.covers, width);

/**
 * Decides who of those that want to appear gets a place.
 *
 * @param candidates in the order in which they have their turn: who comes first takes the place from those after
 * @param open who has a place already
 * @returns a decision for each candidate, in their order; each refusal has its reason
 */
export function arbitrate(
  candidates: readonly Candidate[],
  open: readonly Candidate[],
  policy: Policy,
  room: Room,
): Decision[] {
  const there = [...open];
  let [onPage, inVisit] = [room.onPage, room.inVisit];
  return candidates.map((candidate): Decision => {
    const widget = candidate.id;
    const blocker =
      placeBlocker(candidate, there, room) ??
      (interrupts(candidate) ? policyBlocker(candidate, policy, { ...room, onPage, inVisit }) : undefined);
    if (blocker) return { widget, blocker };
    there.push(candidate);
    if (interrupts(candidate)) {
      onPage++;
      inVisit++;
    }
    return { widget };
  });
}

function placeBlocker(
  candidate: Candidate,
  there: readonly Candidate[],
  { markers, width }: Room,
): Blocker | undefined {
  if (candidate.mode === 'inline') return markers.includes(candidate.slug) ? undefined : { by: 'marker' };
  const holder = there.find((other) => compete(candidate, other, width));
  return holder && { by: 'widget', widget: holder.id };
}

function policyBlocker(
  { id }: Candidate,
  { quietGap, perPage, perVisit }: Policy,
  { now, onPage, inVisit, quietSince, dropped }: Room,
): Blocker | undefined {
  if (perVisit !== null && inVisit >= perVisit) return { by: 'perVisit', most: perVisit };
  if (perPage !== null && onPage >= perPage) return { by: 'perPage', most: perPage };
  if (dropped.includes(id)) return { by: 'dropped' };
  const until = quietSince === null ? now : quietSince + quietGap * 1000;
  return until > now ? { by: 'gap', until } : undefined;
}
