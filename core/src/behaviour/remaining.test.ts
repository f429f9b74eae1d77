import { arrive, play, rule, tick } from '../testing/visits.js';
import { visitGapMs, type MachineEvent, type WidgetRules } from './index.js';

const close = (at: number, widget = 'w'): MachineEvent => ({ type: 'close', widget, at });
const stays = (changes: Partial<WidgetRules> = {}) =>
  rule({ remains: true, frequency: { per: 'visit' }, ...changes });

test('the teaser remains where a widget was closed, over pages, until the visit ends', () => {
  const { seen } = play(
    [stays()],
    [arrive(0), close(1000), arrive(2000), arrive(3000), arrive(3000 + visitGapMs)],
  );
  expect(seen).toEqual([['+w'], ['-w', '~w'], ['-w', '~w'], ['-w', '~w'], ['-w', '+w']]);
});

test('opened again it is there in its place, and closed again its teaser is', () => {
  const { seen, state } = play([stays()], [arrive(0), close(1000), { type: 'ask', widget: 'w', at: 2000 }]);
  expect(seen.at(-1)).toEqual(['+w']);
  expect(state.remaining).toEqual([]);
  const { seen: after } = play([stays()], [close(3000), tick(4000)], state);
  expect(after).toEqual([['-w', '~w'], []]);
});

test.each<[string, MachineEvent[], Partial<WidgetRules>]>([
  ['that has none', [close(1000)], { remains: undefined as never }],
  ['whose form was sent', [{ type: 'submit', widget: 'w', at: 500 }, close(1000)], {}],
  ['that could not be shown', [{ type: 'fail', widget: 'w', at: 1000 }], {}],
  [
    'on pages that are not its own',
    [close(1000), arrive(2000, 'https://site.example/else')],
    { targeting: { all: [{ type: 'address', include: ['/'], exclude: [] }] } },
  ],
])('nothing remains of a widget %s', (_, events, changes) => {
  const { state, seen } = play([stays(changes)], [arrive(0), ...events]);
  expect(seen[0]).toEqual(['+w']);
  expect(state.remaining).toEqual([]);
});
