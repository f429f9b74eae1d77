const moment = new Intl.DateTimeFormat(undefined, { dateStyle: 'medium', timeStyle: 'short' });
const zoned = new Intl.DateTimeFormat(undefined, { dateStyle: 'long', timeStyle: 'long' });
const dayOfYear = new Intl.DateTimeFormat(undefined, { day: 'numeric', month: 'short' });
const day = new Intl.DateTimeFormat(undefined, { dateStyle: 'medium' });
const days = new Intl.DateTimeFormat(undefined, { dateStyle: 'medium', timeZone: 'UTC' });
const relative = new Intl.RelativeTimeFormat('en', { numeric: 'auto' });
const whole = new Intl.NumberFormat();

/** A moment (ms since the epoch) as people say it: "3 hours ago" within a week, then the date. */
export function ago(at: number, now = Date.now()): string {
  const seconds = Math.round((at - now) / 1000);
  if (Math.abs(seconds) < 45) return 'just now';
  const steps = [
    ['minute', 60],
    ['hour', 3600],
    ['day', 86_400],
  ] as const;
  const [unit, size] = steps.findLast(([, length]) => Math.abs(seconds) >= length * 0.75) ?? steps[0];
  return Math.abs(seconds) > 7 * 86_400
    ? moment.format(at)
    : relative.format(Math.round(seconds / size), unit);
}

/** A moment as people read it: date and time. */
export const dateTime = (at: number): string => moment.format(at);

/** A day as people read it. */
export const dateOf = (day: string): string => days.format(Date.parse(`${day}T00:00:00Z`));

/** The day of a moment, without its year where that is this one. */
export const dayOf = (at: number, now = Date.now()): string =>
  (new Date(at).getFullYear() === new Date(now).getFullYear() ? dayOfYear : day).format(at);

/** A moment with its time zone. */
export const exactTime = (at: number): string => zoned.format(at);

/** A number with its thousands set apart. */
export const count = (value: number): string => whole.format(value);

/** A share, 0 to 1, as a percentage. */
export const percent = (share: number): string =>
  new Intl.NumberFormat(undefined, { style: 'percent', maximumFractionDigits: 1 }).format(share);

/** So many bytes as people write them, in units of a thousand. */
export function fileSize(bytes: number): string {
  const [unit, size] = bytes < 1e6 ? (['kilobyte', 1e3] as const) : (['megabyte', 1e6] as const);
  const value = Math.max(bytes / size, 0.1);
  return new Intl.NumberFormat(undefined, { style: 'unit', unit, maximumFractionDigits: 1 }).format(value);
}

/** The path of an address, without its origin. */
export function pathOf(address: string): string {
  return URL.canParse(address) ? new URL(address).pathname : address;
}
