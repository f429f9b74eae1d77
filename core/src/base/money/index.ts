export * from './currencies.js';
export * from './minor-units.js';

/** How an amount is written; the locale is a BCP 47 tag, the currency an ISO 4217 code. */
export interface MoneyFormat {
  locale: string;
  currency: string;
  /** Where the symbol stands, when not where the locale has it. */
  symbol?: 'before' | 'after';
}

/**
 * Writes an amount of money as the locale does (ECMA-402); whole amounts without their zeros.
 *
 * @example money(12.5, { locale: 'de', currency: 'EUR' }) // '12,50 €'
 */
export function money(amount: number, { locale, currency, symbol }: MoneyFormat): string {
  const format = formatOf(locale, currency, Number.isInteger(amount));
  if (!symbol) return format.format(amount);
  const parts = format.formatToParts(amount);
  const sign = parts.find(({ type }) => type === 'currency')?.value ?? '';
  const number = parts
    .filter(({ type }) => type !== 'currency')
    .map(({ value }) => value)
    .join('')
    .trim();
  return symbol === 'before' ? `${sign}${number}` : `${number}\u00a0${sign}`;
}

function formatOf(locale: string, currency: string, whole: boolean): Intl.NumberFormat {
  const options = { style: 'currency', currency, ...(whole && { maximumFractionDigits: 0 }) } as const;
  try {
    return new Intl.NumberFormat(locale, options);
  } catch {
    // A code that no browser knows must not keep a widget from showing.
    return new Intl.NumberFormat('en', { minimumFractionDigits: whole ? 0 : 2 });
  }
}
