import { seeded } from '../../base/random/index.js';
import { compileRules, type Policy, type WidgetRules } from '../../behaviour/index.js';
import type { ZoneTable } from '../../base/time/index.js';
import type { PlannedPage } from '../plan/index.js';
import type { TrafficModel } from './model.js';
import { heardBy, playVisitor } from './play.js';
import { Tally, type TrafficResult } from './result.js';
import { makeVisitor } from './visits.js';
import { likelyWays, waysOf, type WayTable } from './ways.js';

export { usualTraffic, type TrafficModel } from './model.js';
export { likelyWays, waysOf, type WayTable } from './ways.js';
export { makeVisitor, type PageStay, type PlayedVisit, type Visitor } from './visits.js';
export type { TrafficResult, WidgetResult } from './result.js';

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

/**
 * Plays a site's visitors by the machine that runs on its pages. The same input gives the same result to the digit.
 *
 * @yields what has been counted after each so many visitors, and at the end
 */
export function* playTraffic(input: TrafficInput, each = 500): Generator<TrafficResult> {
  const { model, pages, widgets, policy, start, zone } = input;
  const site = compileRules(widgets, policy);
  const tally = new Tally(site, pages.length, zone);
  const ways = waysOf(pages, input.ways ?? likelyWays(pages));
  const random = seeded(model.seed);
  const forms = new Set(widgets.filter(({ hasForm }) => hasForm).map(({ id }) => id));
  const hasForm = (id: string) => forms.has(id);
  const inline = new Set(widgets.filter(({ mode }) => mode === 'inline').map(({ id }) => id));
  const playing = { model, inline, random, counter: tally, hasForm, heard: heardBy(site) };
  for (let count = 1; count <= model.visitors; count++) {
    tally.visitor();
    playVisitor(site, makeVisitor(random, model, pages, ways, { start, zone }), playing);
    if (count % each === 0 && count < model.visitors) yield tally.result;
  }
  yield tally.result;
}
