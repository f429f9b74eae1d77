import { majorUnits, money } from '@sirene/core/base/money';
import type { BoardLead } from '../../shared/api/index.ts';

/** An amount in the smallest unit of its currency, as the reader's language writes it. */
export const worth = (units: number, currency: string): string =>
  money(majorUnits(units, currency), { locale: navigator.language, currency });

/** What leads are worth together: an amount for each currency. */
export function sumsOf(leads: readonly Pick<BoardLead, 'units' | 'currency'>[]): string[] {
  const sums = new Map<string, number>();
  for (const { units, currency } of leads)
    if (units !== null) sums.set(currency, (sums.get(currency) ?? 0) + units);
  return [...sums].map(([currency, units]) => worth(units, currency));
}
