import { schemaProblems } from '../base/schema/schema-problems.js';
import { minutesOf, type HoursRow } from '../base/time/hours.js';
import { instantOf, isZone } from '../base/zones/index.js';
import { conditionSpecs } from './conditions/registry.js';
import { specOf, type RuleSpec } from './rule-spec.js';
import { triggersOf, type Behaviour } from './rules.js';
import type { Schedule } from './schedule.js';
import type { Targeting } from './targeting.js';
import { triggerSpecs } from './triggers/registry.js';

/** What keeps a rule from being used, by the keys of its parts: `[key, reason]`. */
export function ruleProblems(spec: RuleSpec, rule: { type: string }): [string, string][] {
  const problems = schemaProblems(spec.schema(), rule, '');
  if (problems.length === 0) return spec.problems?.(rule as never) ?? [];
  return problems.map(({ path, reason }) => [path.split('.')[0] ?? '', reason]);
}

/** What is wrong with when and where a widget appears that its schema can't express: `[path, reason]`. */
export function* behaviourProblems(behaviour: Behaviour): Generator<[string, string]> {
  const how = 'any' in behaviour.triggers ? 'any' : 'all';
  for (const [at, trigger] of triggersOf(behaviour).entries())
    for (const [key, reason] of specOf(triggerSpecs, trigger).problems?.(trigger as never) ?? [])
      yield [`triggers.${how}.${at}.${key}`, reason];
  yield* targetingProblems(behaviour.targeting, 'targeting');
  if (behaviour.schedule) yield* scheduleProblems(behaviour.schedule);
}

function* targetingProblems(tree: Targeting, path: string): Generator<[string, string]> {
  for (const key of ['all', 'any', 'none'] as const)
    if (key in tree)
      for (const [at, child] of (tree as Record<typeof key, Targeting[]>)[key].entries())
        yield* targetingProblems(child, `${path}.${key}.${at}`);
  if ('type' in tree)
    for (const [key, reason] of specOf(conditionSpecs, tree).problems?.(tree as never) ?? [])
      yield [`${path}.${key}`, reason];
}

function* scheduleProblems({ zone, from, until, hours }: Schedule): Generator<[string, string]> {
  if (!isZone(zone)) return yield ['schedule.zone', 'is not a time zone, such as Europe/London'];
  const [start, end] = [from, until].map((one) => (one === undefined ? null : instantOf(one, zone)));
  if (from !== undefined && start === null) yield ['schedule.from', 'is not a date that exists'];
  if (until !== undefined && end === null) yield ['schedule.until', 'is not a date that exists'];
  if (typeof start === 'number' && typeof end === 'number' && end <= start)
    yield ['schedule.until', 'must be later than the start'];
  for (const [at, row] of hours.entries()) {
    const reason = hoursProblem(row, hours.slice(0, at));
    if (reason) yield [`schedule.hours.${at}.to`, reason];
  }
}

/** What is wrong with hours of the week, given those before them; `null` where nothing is. */
export function hoursProblem(row: HoursRow, earlier: readonly HoursRow[]): string | null {
  const [from, to] = [minutesOf(row.from), minutesOf(row.to)];
  if (to <= from)
    return 'must be later than the start; for hours past midnight, add the rest to the next day';
  const overlaps = earlier.some(
    (other) =>
      other.days.some((day) => row.days.includes(day)) &&
      from < minutesOf(other.to) &&
      minutesOf(other.from) < to,
  );
  return overlaps ? 'overlaps other hours of the same day' : null;
}
