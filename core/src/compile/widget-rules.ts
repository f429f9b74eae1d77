import { zoneTable, instantOf } from '../base/zones/index.js';
import { coversOf, type Schedule, type ScheduleRules, type WidgetRules } from '../behaviour/index.js';
import { modeOf, slotOf } from '../document/placement/index.js';
import { opensOf } from './opens.js';
import { remainsOf } from './remains.js';
import type { WidgetDocument } from '../document/widget/index.js';

/** For how long a published schedule knows the clocks of its zone: until the site publishes or the server starts anew, ms. */
const known = 5 * 366 * 86_400_000;
const before = 2 * 86_400_000;

/**
 * The rules of a widget as pages get them: everything that a page can't or need not work out itself is worked out.
 *
 * @param now ms since the epoch
 * @throws RangeError when a schedule names a time zone that does not exist
 */
export function rulesOf(
  { id, slug, document }: { id: string; slug: string; document: WidgetDocument },
  now: number,
): WidgetRules {
  const { schedule, ...behaviour } = document.behaviour;
  const opens = opensOf(document);
  return {
    id,
    slug,
    mode: modeOf(document.placement),
    covers: coversOf(slotOf(document.placement)),
    ...behaviour,
    ...(opens.length > 0 && { opens }),
    ...(remainsOf(document) !== null && { remains: true as const }),
    ...(schedule && { schedule: scheduleRules(schedule, now) }),
  };
}

/** A schedule as pages get it. */
function scheduleRules({ zone, from, until, hours }: Schedule, now: number): ScheduleRules {
  const start = from === undefined ? null : instantOf(from, zone);
  const end = until === undefined ? null : instantOf(until, zone);
  return {
    ...(start !== null && { from: start }),
    ...(end !== null && { until: end }),
    ...(hours.length > 0 && { hours, table: zoneTable(zone, now - before, now + known) }),
  };
}
