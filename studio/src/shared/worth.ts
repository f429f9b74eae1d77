import { majorUnits, money } from '@sirene/core/base/money';

/** An amount in the smallest unit of its currency, as the reader's language writes it. */
export const worth = (units: number, currency: string): string =>
  money(majorUnits(units, currency), { locale: navigator.language, currency });
