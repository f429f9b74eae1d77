/** What a field holds, as data: the text, a number, or those that were chosen. Empty are `''` and `[]`. */
export type Answer = string | number | readonly string[];

/** The answers of a form, by field name; a field that nobody is asked has none. */
export type Answers = Readonly<Record<string, Answer>>;

const isoDate = /^(\d{4})-(\d\d)-(\d\d)$/;
const dayMs = 86_400_000;

/** Days since 1970 of a date (ISO 8601, `2027-01-12`); NaN for what is none, such as 30 February. */
export function dayOf(text: string): number {
  const [, year, month, day] = isoDate.exec(text)?.map(Number) ?? [];
  if (year === undefined || month === undefined || day === undefined) return NaN;
  const at = Date.UTC(year, month - 1, day);
  return new Date(at).toISOString().startsWith(text) ? at / dayMs : NaN;
}

/** A day, by days since 1970, as people of a language write it. */
export const dayText = (day: number, language: string | undefined): string =>
  new Intl.DateTimeFormat(language, { timeZone: 'UTC', dateStyle: 'medium' }).format(day * dayMs);

/** A number as visitors type it, with a comma or a point; NaN for what is none. */
export const numberOf = (text: string): number => (text.trim() === '' ? NaN : Number(text.replace(',', '.')));
