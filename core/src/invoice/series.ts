const placeholder = /\{(number|year)(?::(\d))?\}/g;

/** What is wrong with the pattern of a number series; `null` where nothing is. */
export function seriesProblem(series: string): string | null {
  if (series.length > 40) return 'must be at most 40 characters';
  if (!/\{number(:\d)?\}/.test(series)) return 'must have {number} in it';
  return /[{}]/.test(series.replace(placeholder, ''))
    ? 'may have {number}, {number:4} and {year} in it'
    : null;
}

/**
 * The number of an invoice in its series.
 *
 * @example numberIn('LO-{year}-{number:4}', 7, 2026) // 'LO-2026-0007'
 */
export const numberIn = (series: string, number: number, year: number): string =>
  series.replace(placeholder, (_, name: string, digits?: string) =>
    String(name === 'year' ? year : number).padStart(Number(digits ?? 1), '0'),
  );
