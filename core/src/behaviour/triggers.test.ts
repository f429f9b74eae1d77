import { arrive, play, rule, tick } from '../testing/visits.js';
import {
  comesByItself,
  compileRules,
  explain,
  startState,
  step,
  visitGapMs,
  type Effect,
  type MachineEvent,
  type WidgetRules,
} from './index.js';

describe('inactivity', () => {
  const idle = [rule({ triggers: { any: [{ type: 'idle', seconds: 30 }] } })];
  const active = (at: number): MachineEvent => ({ type: 'activity', at });

  test('counts from arriving, and anew from whatever the visitor does', () => {
    expect(play(idle, [arrive(0), tick(29_999), tick(30_000)]).seen).toEqual([[], [], ['+w']]);
    const { seen } = play(idle, [
      arrive(0),
      active(20_000),
      tick(30_000),
      active(49_000),
      tick(78_999),
      tick(79_000),
    ]);
    expect(seen).toEqual([[], [], [], [], [], ['+w']]);
  });

  test('the machine asks to be woken when it is due, which moves with every activity', () => {
    const rules = compileRules(idle);
    const wakes = (effects: Effect[]) => effects.flatMap((one) => (one.type === 'wake' ? [one.at] : []));
    const [state, first] = step(rules, startState(), arrive(1000));
    const [, second] = step(rules, state, active(21_000));
    expect([wakes(first), wakes(second)]).toEqual([[31_000], [51_000]]);
  });

  test('on the next page it begins again', () => {
    const { seen } = play(idle, [arrive(0), active(25_000), arrive(26_000), tick(55_999), tick(56_000)]);
    expect(seen).toEqual([[], [], [], [], ['+w']]);
  });
});

test.each<[string, WidgetRules['triggers'], boolean]>([
  ['a delay', { any: [{ type: 'delay', seconds: 1 }] }, true],
  ['a link', { any: [{ type: 'link' }] }, false],
  ['a link or the page', { any: [{ type: 'link' }, { type: 'asked' }] }, false],
  ['a link or a delay', { any: [{ type: 'link' }, { type: 'load' }] }, true],
  ['a link and a delay', { all: [{ type: 'link' }, { type: 'load' }] }, false],
])('by itself: %s', (_, triggers, byItself) => {
  expect(comesByItself({ triggers })).toBe(byItself);
  // What the machine says is the same: nothing comes but by itself.
  const { seen } = play([rule({ triggers })], [arrive(0), tick(1000), tick(60_000)]);
  expect(seen.flat().includes('+w')).toBe(byItself);
});

describe('all of several triggers', () => {
  const both = [rule({ triggers: { all: [{ type: 'leave' }, { type: 'delay', seconds: 8 }] } })];

  test('what has fired once on a page stays fired, though its moment has passed', () => {
    expect(play(both, [arrive(0), { type: 'leave', at: 1000 }, tick(8000)]).seen).toEqual([[], [], ['+w']]);
  });

  test('on another page all of them are waited for anew', () => {
    const { seen } = play(both, [arrive(0), { type: 'leave', at: 1000 }, arrive(2000), tick(10_000)]);
    expect(seen).toEqual([[], [], [], []]);
  });

  test('the explanation says which have fired', () => {
    const rules = compileRules(both);
    const [arrived] = step(rules, startState(), arrive(0));
    const [left] = step(rules, arrived, { type: 'leave', at: 1000 });
    const [later] = step(rules, left, tick(2000));
    const reason = explain(rules, later, 'w')?.reasons.find((one) => one.rule === 'triggers');
    expect(reason).toMatchObject({ holds: false, triggers: [{ fired: true }, { fired: false }] });
  });
});

test('page views are counted within a visit', () => {
  const third = [rule({ triggers: { any: [{ type: 'pages', atLeast: 3 }] } })];
  const { seen, state } = play(third, [arrive(0), arrive(1000), arrive(2000)]);
  expect(seen).toEqual([[], [], ['+w']]);
  const muchLater = 2000 + visitGapMs + 1;
  expect(play(third, [arrive(muchLater)], { ...state, open: [] }).seen).toEqual([[]]);
});

test('an event of the page’s own is waited for by its name, on the page where it is told', () => {
  const waits = [rule({ triggers: { any: [{ type: 'event', name: 'paid' }] } })];
  const told = (name: string, at: number): MachineEvent => ({ type: 'track', name, at });
  expect(play(waits, [arrive(0), told('other', 10), told('paid', 20)]).seen).toEqual([[], [], ['+w']]);
  const { state } = play(waits, [arrive(0), ...Array.from({ length: 300 }, (_, at) => told(`n${at}`, at))]);
  expect(state.page?.signals.tracked).toHaveLength(100);
  expect(play(waits, [arrive(400)], state).state.page?.signals.tracked).toEqual([]);
});
