import { hoursWords } from './hours-words.js';

describe('hours in words', () => {
  it.each([
    [[1, 2, 3, 4, 5, 6, 7], '00:00', '24:00', 'every day'],
    [[1, 2, 3, 4, 5, 6, 7], '16:00', '23:00', '16:00 to 23:00 every day'],
    [[3, 4, 5, 6, 7], '16:00', '23:00', 'Wednesday to Sunday, 16:00 to 23:00'],
    [[7, 6], '00:00', '24:00', 'Saturday and Sunday'],
    [[2], '09:00', '12:30', 'Tuesday, 09:00 to 12:30'],
    [[1, 2, 3, 6], '09:00', '17:00', 'Monday to Wednesday and Saturday, 09:00 to 17:00'],
    [[1, 3, 5], '09:00', '17:00', 'Monday, Wednesday and Friday, 09:00 to 17:00'],
  ])('says %j from %s to %s', (days, from, to, words) => {
    expect(hoursWords({ days, from, to })).toBe(words);
  });
});
