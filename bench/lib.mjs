// What the benchmarks share: figures are medians, and each stands beside a baseline from the same run.

/** The value below which a share of the samples lies. */
export function quantile(samples, share) {
  const sorted = [...samples].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))];
}

/**
 * The median of paired differences, with the ends of its interval of 95 % (sign test): of thirty, the tenth and the
 * twenty-first. What disturbs a few pairs changes neither.
 */
export function medianOfPairs(differences) {
  const sorted = [...differences].sort((a, b) => a - b);
  const outside = Math.floor(sorted.length / 2 - 0.98 * Math.sqrt(sorted.length));
  return { middle: median(sorted), from: sorted[outside - 1], to: sorted.at(-outside) };
}

export const median = (samples) => quantile(samples, 0.5);

/** One figure. `limit` is what it may be at most (or, with `atLeast`, at least): it is printed, not enforced. */
export function figure(name, value, unit, baseline, limit, options = {}) {
  const ratio = baseline ? value / baseline : null;
  const judged = options.judge === 'ratio' ? ratio : value;
  const holds = limit === undefined ? null : options.atLeast ? judged >= limit : judged <= limit;
  return {
    name,
    value: round(value),
    unit,
    baseline: round(baseline ?? 0),
    ratio: ratio === null ? null : round(ratio),
    limit,
    holds,
  };
}

const round = (value) => Math.round(value * 10_000) / 10_000;
