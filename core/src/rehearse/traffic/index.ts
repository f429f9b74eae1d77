import { seeded, seedOf } from '../../base/random/index.js';
import type { Policy, WidgetRules } from '../../behaviour/index.js';
import type { ZoneTable } from '../../base/time/index.js';
import type { PlannedPage } from '../plan/index.js';
import type { TrafficModel } from './model.js';
import { heardBy, playVisitor } from './play.js';
import { settledRules } from './settled.js';
import { resultOf, Tally, type TrafficCount, type TrafficResult } from './result.js';
import { makeVisitor } from './visits.js';
import { likelyWays, waysOf, type WayTable } from './ways.js';

export { usualTraffic, type TrafficModel } from './model.js';
export { likelyWays, waysOf, type WayTable } from './ways.js';
export { makeVisitor, type PageStay, type PlayedVisit, type Visitor } from './visits.js';
export { resultOf, type TrafficCount, type TrafficResult, type WidgetResult } from './result.js';

/** What traffic is played on. */
export interface TrafficInput {
  model: TrafficModel;
  pages: readonly PlannedPage[];
  widgets: readonly (WidgetRules & { hasForm: boolean })[];
  policy: Policy;
  /** How they go through the pages; as is likely for such addresses where nothing is said. */
  ways?: WayTable;
  /** The first midnight, by the clocks of the site: as if its wall-clock time were UTC, ms. */
  start: number;
  /** Those clocks. */
  zone: ZoneTable;
}

/** Some of the visitors: of so many parts the one at a place, from 0 on. */
export interface TrafficPart {
  of: number;
  at: number;
}

/**
 * Plays some of a site's visitors by the machine that runs on its pages, and counts what they meet. Each visitor is drawn
 * apart from the others, so that however they are parted, all counts together are the same to the digit.
 *
 * @yields what has been counted after each so many visitors, and at the end
 */
export function* countTraffic(
  input: TrafficInput,
  { of, at }: TrafficPart,
  each = 500,
): Generator<TrafficCount> {
  const { model, pages, widgets, policy, start, zone } = input;
  const site = settledRules(widgets, policy);
  const tally = new Tally(site, pages.length, zone);
  const ways = waysOf(pages, input.ways ?? likelyWays(pages));
  const idsOf = (list: typeof widgets) => new Set(list.map(({ id }) => id));
  const forms = idsOf(widgets.filter(({ hasForm }) => hasForm));
  const inline = idsOf(widgets.filter(({ mode }) => mode === 'inline'));
  const hasForm = (id: string) => forms.has(id);
  const playing = { model, inline, counter: tally, hasForm, heard: heardBy(site) };
  let played = 0;
  for (let visitor = at; visitor < model.visitors; visitor += of) {
    if (played > 0 && played % each === 0) yield tally.count;
    played++;
    tally.visitor();
    const random = seeded(seedOf(model.seed, visitor));
    playVisitor(site, makeVisitor(random, model, pages, ways, { start, zone }), { ...playing, random });
  }
  yield tally.count;
}

/**
 * Plays all of a site's visitors. The same input gives the same result to the digit.
 *
 * @example
 * const result = [...playTraffic(input)].at(-1);
 * @yields what has been counted after each so many visitors, and at the end
 */
export function* playTraffic(input: TrafficInput, each?: number): Generator<TrafficResult> {
  for (const count of countTraffic(input, { of: 1, at: 0 }, each)) yield resultOf([count]);
}
