import type { ScheduleRules } from '../../behaviour/index.js';
import { scheduledTogether } from './together.js';

// A Saturday, noon.
const now = Date.UTC(2026, 10, 28, 12);
const hour = 3_600_000;
const utc = [[-Infinity, 0] as const];
const weekly = (days: number[], from: string, to: string, rest: ScheduleRules = {}): ScheduleRules => ({
  hours: [{ days, from, to }],
  table: utc,
  ...rest,
});

describe('two schedules', () => {
  it.each<[string, ScheduleRules | undefined, ScheduleRules | undefined, boolean]>([
    ['none at all', undefined, undefined, true],
    ['one that has begun, and none', { from: now - hour }, undefined, true],
    ['one that is over, and none', { until: now - hour }, undefined, false],
    ['one that ends where the other begins', { until: now + hour }, { from: now + hour }, false],
    ['one that ends within the other', { until: now + 2 * hour }, { from: now + hour }, true],
    ['hours that share some', weekly([1], '09:00', '17:00'), weekly([1], '16:00', '20:00'), true],
    ['hours that follow one another', weekly([1], '09:00', '17:00'), weekly([1], '17:00', '20:00'), false],
    ['hours of other days', weekly([1, 2], '09:00', '17:00'), weekly([3], '09:00', '17:00'), false],
    ['hours that are on at this moment', weekly([6], '09:00', '17:00'), undefined, true],
    [
      'hours that would begin after the end',
      weekly([1], '09:00', '17:00', { until: now + 24 * hour }),
      undefined,
      false,
    ],
    [
      'hours of a clock that is ahead',
      weekly([1], '10:00', '11:00'),
      { hours: [{ days: [1], from: '12:00', to: '13:00' }], table: [[-Infinity, 2 * hour]] },
      true,
    ],
  ])('meet or not: %s', (_, one, other, meet) => {
    expect(scheduledTogether(one, other, now)).toBe(meet);
    expect(scheduledTogether(other, one, now)).toBe(meet);
  });
});
