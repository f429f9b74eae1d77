import type { WidgetRules } from './rules.js';

/** What stands in the way of a widget: a page without its marker, or another that has the place. */
export type Blocker = { by: 'marker' } | { by: 'widget'; widget: string };

/** Who gets a place on the page, and who does not and why. */
export interface Decision {
  widget: string;
  /** Left out where it gets its place. */
  blocker?: Blocker;
}

/** What a page has room for. */
export interface Policy {
  /** The inline widgets it has markers for, by their address names. */
  markers: readonly string[];
  /** How many overlays may be open at once; one, where nothing is said. */
  overlays?: number;
}

type Candidate = Pick<WidgetRules, 'id' | 'slug' | 'mode'>;

/**
 * Decides who of those that want to appear gets a place: overlays share one, inline widgets each need their marker, free
 * ones stand beside anything. Who comes first takes the place from those after.
 *
 * @param open who has a place already
 * @returns a decision for each candidate, in their order
 */
export function arbitrate(
  candidates: readonly Candidate[],
  open: readonly Candidate[],
  { markers, overlays = 1 }: Policy,
): Decision[] {
  const taken = open.filter(({ mode }) => mode === 'overlay').map(({ id }) => id);
  return candidates.map(({ id, slug, mode }): Decision => {
    if (mode === 'inline' && !markers.includes(slug)) return { widget: id, blocker: { by: 'marker' } };
    if (mode !== 'overlay') return { widget: id };
    const [first = ''] = taken;
    if (taken.length >= overlays) return { widget: id, blocker: { by: 'widget', widget: first } };
    taken.push(id);
    return { widget: id };
  });
}
