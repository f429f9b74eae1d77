import fc from 'fast-check';
import { dayMs, shortWeekdays, weekdayNames, weekdayOf } from './weekdays.js';

describe('days of the week', () => {
  it('are numbered from Monday, as ISO 8601 has it', () => {
    expect(weekdayOf(0)).toBe(4);
    expect(weekdayOf(-1)).toBe(3);
    expect(weekdayOf(-4)).toBe(7);
    expect(weekdayOf(Date.UTC(2026, 10, 28) / dayMs)).toBe(6);
  });

  it('follow the calendar on any date', () => {
    fc.assert(
      fc.property(fc.integer({ min: -700_000, max: 700_000 }), (date) => {
        // Sunday is 0 for a Date.
        expect(weekdayOf(date) % 7).toBe(new Date(date * dayMs).getUTCDay());
      }),
    );
  });

  it('have their names in turn', () => {
    expect(weekdayNames[weekdayOf(0) - 1]).toBe('Thursday');
    expect(shortWeekdays).toEqual({ 1: 'Mon', 2: 'Tue', 3: 'Wed', 4: 'Thu', 5: 'Fri', 6: 'Sat', 7: 'Sun' });
  });
});
