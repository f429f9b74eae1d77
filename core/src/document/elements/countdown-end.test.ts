import { countdownEnd } from './countdown-end.js';

const at = (text: string) => Date.parse(text);
const base = { until: '2026-03-20T20:00', zone: 'Europe/London' };
const now = at('2026-03-25T12:00Z');

test.each<[string, Parameters<typeof countdownEnd>[0], string | null]>([
  ['a date, by its zone', base, '2026-03-20T20:00Z'],
  ['a date in summer', { ...base, until: '2026-07-01T20:00' }, '2026-07-01T19:00Z'],
  ['twenty minutes of one’s own', { ...base, goal: 'own' }, '2026-03-25T12:20Z'],
  ['so many minutes of one’s own', { ...base, goal: 'own', lasts: 90 }, '2026-03-25T13:30Z'],
  // The clocks go forward on the 29th: the same hour on the wall is an hour earlier.
  ['every week', { ...base, goal: 'repeat', rule: 'FREQ=WEEKLY' }, '2026-03-27T20:00Z'],
  ['every second week', { ...base, goal: 'repeat', rule: 'FREQ=WEEKLY;INTERVAL=2' }, '2026-04-03T19:00Z'],
  ['once in all', { ...base, goal: 'repeat', rule: 'FREQ=WEEKLY;COUNT=1' }, null],
  ['a rule that is none', { ...base, goal: 'repeat', rule: 'now and then' }, null],
  ['no such zone', { ...base, zone: 'Moor/Dome' }, null],
])('%s', (_, element, expected) => {
  const end = countdownEnd(element, now);
  expect(end).toBe(expected === null ? null : at(expected));
});
