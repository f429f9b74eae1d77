/** How a value that is told or entered is compared with one that a designer wrote. */
export const comparisons = ['equals', 'one-of', 'more', 'less', 'contains'] as const;
export type Comparison = (typeof comparisons)[number];

const tests: Record<Comparison, (wanted: string) => (value: string) => boolean> = {
  equals: (wanted) => (value) => value === wanted,
  'one-of': (wanted) => {
    const several = wanted.split(',').map((one) => one.trim());
    return (value) => several.includes(value);
  },
  more: (wanted) => (value) => Number(value) > Number(wanted),
  less: (wanted) => (value) => Number(value) < Number(wanted),
  contains: (wanted) => (value) => value.includes(wanted),
};

/**
 * Compiles a comparison into a test; upper and lower case count as the same.
 *
 * @param wanted for `one-of` several, with commas between them
 */
export function comparing(how: Comparison, wanted: string): (value: string) => boolean {
  const test = tests[how](wanted.trim().toLowerCase());
  return (value) => test(value.toLowerCase());
}

export const comparisonWords: Record<Comparison, string> = {
  equals: 'is',
  'one-of': 'is one of',
  more: 'is more than',
  less: 'is less than',
  contains: 'contains',
};

export const comparisonNames: Record<Comparison, string> = {
  equals: 'Equals',
  'one-of': 'One of',
  more: 'More than',
  less: 'Less than',
  contains: 'Contains',
};

/** What can't be compared so: `[key, reason]`. */
export const comparisonProblems = (how: string, value: string): [string, string][] =>
  (how === 'more' || how === 'less') && !Number.isFinite(Number(value || NaN))
    ? [['value', 'must be a number to be compared with more or less']]
    : [];
