export const dayMs = 86_400_000;

/** Monday is 1 (ISO 8601), so its name is the first. */
export const weekdayNames = [
  'Monday',
  'Tuesday',
  'Wednesday',
  'Thursday',
  'Friday',
  'Saturday',
  'Sunday',
] as const;

/** The days of the week by their numbers, in three letters: what a row of toggles offers. */
export const shortWeekdays: Readonly<Record<number, string>> = {
  1: 'Mon',
  2: 'Tue',
  3: 'Wed',
  4: 'Thu',
  5: 'Fri',
  6: 'Sat',
  7: 'Sun',
};

/**
 * The day of the week of a date; Monday is 1, Sunday 7 (ISO 8601).
 *
 * @param date days since 1 January 1970, negative before it
 * @example weekdayOf(0) // 4: it was a Thursday
 */
export const weekdayOf = (date: number): number => ((((date + 3) % 7) + 7) % 7) + 1;
