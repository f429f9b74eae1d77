// What the benchmarks share: figures are medians, and each stands beside a baseline from the same run.

/** The value below which a share of the samples lies. */
export function quantile(samples, share) {
  const sorted = [...samples].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))];
}

/** The mean of paired differences, with the ends of its 95 % interval (Student's t; 2.05 for thirty pairs). */
export function interval(differences) {
  const { length } = differences;
  const mean = differences.reduce((sum, one) => sum + one, 0) / length;
  const variance = differences.reduce((sum, one) => sum + (one - mean) ** 2, 0) / (length - 1);
  const reach = 2.05 * Math.sqrt(variance / length);
  return { mean, from: mean - reach, to: mean + reach };
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
