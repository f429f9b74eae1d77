/** @example ordinal(3) // '3rd' */
export function ordinal(count: number): string {
  const end =
    count % 100 > 10 && count % 100 < 14 ? 'th' : ({ 1: 'st', 2: 'nd', 3: 'rd' }[count % 10] ?? 'th');
  return `${count}${end}`;
}
