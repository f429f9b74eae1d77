import {
  compileRules,
  explain,
  startState,
  step,
  type Blocker,
  type MachineEvent,
  type Policy,
  type WidgetRules,
} from '../../behaviour/index.js';
import { arrive, rule } from '../../testing/visits.js';
import { blockerWords, reasonLines, type ReasonLine } from './index.js';

const names = { slugOf: (id: string) => (id === 'bar' ? 'opening-hours' : id) };
const start = 1_000_000;

/** Why the first of some widgets is on the page or not, once the events have happened. */
function why(rules: WidgetRules[], events: MachineEvent[] = [arrive(start)], policy?: Policy): ReasonLine[] {
  const site = compileRules(rules, policy);
  const state = events.reduce((now, event) => step(site, now, event)[0], startState());
  const explanation = explain(site, state, rules[0]?.id ?? '');
  if (!explanation) throw new Error('There is no such widget.');
  return reasonLines(explanation, names);
}
const failing = (lines: ReasonLine[]): string[] =>
  lines.filter(({ holds }) => !holds).map(({ wanted }) => wanted);

describe('why a widget is there or not', () => {
  it('is told rule by rule where all hold', () => {
    const lines = why([rule()]);
    expect(lines.every(({ holds }) => holds)).toBe(true);
    expect(lines.map(({ wanted }) => wanted)).toContain('Every page and visitor matches');
    expect(lines.map(({ wanted }) => wanted)).toContain('Its trigger fired');
  });

  it('names a condition that does not hold with what is found', () => {
    const lines = why([rule({ targeting: { type: 'address', include: ['/journal/*'], exclude: [] } })]);
    expect(lines[0]).toEqual({
      holds: false,
      wanted: 'Visitors on /journal/*',
      found: '/',
      parts: [],
    });
  });

  it.each([
    ['all', 'Not all of these hold'],
    ['any', 'One of these holds'],
    ['none', 'One of these holds, and none should'],
  ] as const)('says of a group “%s” how it came out', (group, wanted) => {
    const targeting = {
      [group]: [
        { type: 'address', include: ['/'], exclude: [] },
        { type: 'address', include: ['/journal/*'], exclude: [] },
      ],
    } as unknown as WidgetRules['targeting'];
    const [line] = why([rule({ targeting })]);
    expect(line?.wanted).toBe(wanted);
    expect(line?.parts.map(({ holds }) => holds)).toEqual([true, false]);
  });

  it('says that nobody matches an empty group of alternatives', () => {
    expect(why([rule({ targeting: { any: [] } })])[0]?.wanted).toBe('Nobody can match an empty group');
  });

  it('counts the triggers that are still missing', () => {
    const triggers = { all: [{ type: 'load' }, { type: 'scroll', share: 0.5 }] } as WidgetRules['triggers'];
    const line = why([rule({ triggers })]).find(({ parts }) => parts.length === 2);
    expect(line?.wanted).toBe('Not all of its triggers have fired yet');
    expect(line?.parts.map(({ holds }) => holds)).toEqual([true, false]);
  });

  it.each([
    [{ from: start + 1 }, 'Its schedule has not begun yet'],
    [{ until: start - 1 }, 'Its schedule has ended'],
    [
      { hours: [{ days: [1], from: '09:00', to: '10:00' }], table: [[-Infinity, 0] as const] },
      'It is outside its weekly hours',
    ],
  ])('says of the schedule %j: %s', (schedule, wanted) => {
    expect(failing(why([rule({ schedule })]))).toContain(wanted);
  });

  it('names the widget that takes its position by its title', () => {
    const bar = rule({ id: 'bar', slug: 'opening-hours', priority: 5, covers: [1, 1] });
    const second = rule({ id: 'w', covers: [1, 1] });
    expect(failing(why([second, bar]))).toContain('Its position is taken by “Opening hours”');
  });
});

describe('what is in the way of a place', () => {
  it.each<[Blocker, string]>([
    [{ by: 'marker' }, 'The page has no marker for it'],
    [{ by: 'widget', widget: 'bar' }, 'Its position is taken by “Opening hours”'],
    [{ by: 'gap', until: 14_200 }, 'The quiet gap between interruptions lasts another 5 s'],
    [{ by: 'perPage', most: 1 }, 'The site allows 1 interruption per page'],
    [{ by: 'perPage', most: 3 }, 'The site allows 3 interruptions per page'],
    [{ by: 'perVisit', most: 1 }, 'The site allows 1 interruption per visit'],
    [{ by: 'perVisit', most: 2 }, 'The site allows 2 interruptions per visit'],
    [{ by: 'dropped' }, 'It had to wait, and the site lets no widget wait'],
  ])('%j', (blocker, words) => {
    expect(blockerWords(blocker, { now: 10_000 }, names)).toBe(words);
  });
});
