const steps = [
  ['d', 86_400_000],
  ['h', 3_600_000],
  ['min', 60_000],
  ['s', 1000],
] as const;

/** How long something took, ms, in its two largest units; a dash where it is not known. */
export function spell(ms: number | null): string {
  if (ms === null) return '–';
  const first = steps.findIndex(([, size]) => ms >= size);
  if (first === -1) return '0 s';
  let left = ms;
  const parts = steps.slice(first, first + 2).flatMap(([unit, size]) => {
    const count = Math.floor(left / size);
    left -= count * size;
    return count > 0 ? [`${count} ${unit}`] : [];
  });
  return parts.join(' ');
}
