import type { BoardLead } from '../../shared/api/index.ts';
import { worth } from '../../shared/worth.ts';

/** What leads are worth together: an amount for each currency. */
export function sumsOf(leads: readonly Pick<BoardLead, 'units' | 'currency'>[]): string[] {
  const sums = new Map<string, number>();
  for (const { units, currency } of leads)
    if (units !== null) sums.set(currency, (sums.get(currency) ?? 0) + units);
  return [...sums].map(([currency, units]) => worth(units, currency));
}
