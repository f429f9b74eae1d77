import { seeded } from '../../base/random/index.js';
import { compileRules, type Policy, type WidgetRules } from '../../behaviour/index.js';
import type { PlannedPage } from '../plan/index.js';
import { likelyWays, type TrafficModel } from './model.js';
import { playVisitor } from './play.js';
import { Tally, type TrafficResult } from './result.js';
import { makeVisitor } from './visits.js';

export { likelyWays, usualTraffic, type TrafficModel, type Ways } from './model.js';
export { makeVisitor, type PageStay, type PlayedVisit, type Visitor } from './visits.js';
export type { TrafficResult, WidgetResult } from './result.js';

/** What traffic is played on. */
export interface TrafficInput {
  model: TrafficModel;
  pages: readonly PlannedPage[];
  widgets: readonly (WidgetRules & { hasForm: boolean })[];
  policy: Policy;
  /** The first moment, ms since the epoch. */
  start: number;
}

/**
 * Plays a site's visitors by the machine that runs on its pages. The same input gives the same result to the digit.
 *
 * @yields what has been counted after each so many visitors, and at the end
 */
export function* playTraffic(input: TrafficInput, each = 500): Generator<TrafficResult> {
  const { model, pages, widgets, policy, start } = input;
  const site = compileRules(widgets, policy);
  const tally = new Tally(site, pages.length);
  const ways = likelyWays(pages);
  const random = seeded(model.seed);
  const forms = new Set(widgets.filter(({ hasForm }) => hasForm).map(({ id }) => id));
  const hasForm = (id: string) => forms.has(id);
  for (let count = 1; count <= model.visitors; count++) {
    tally.visitor();
    playVisitor(site, makeVisitor(random, model, pages, ways, start), model, random, tally, hasForm);
    if (count % each === 0 && count < model.visitors) yield tally.result;
  }
  yield tally.result;
}
