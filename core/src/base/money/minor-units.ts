const digitsOf = (currency: string): number =>
  new Intl.NumberFormat('en', { style: 'currency', currency }).resolvedOptions().maximumFractionDigits ?? 2;

/**
 * An amount in the smallest unit of its currency (ISO 4217), rounded half away from zero as cash is.
 *
 * @param currency three letters; any well-formed code is taken
 * @throws RangeError when the code is not well formed
 * @example minorUnits(12.5, 'EUR') // 1250
 */
export function minorUnits(amount: number, currency: string): number {
  const scaled = Math.abs(amount) * 10 ** digitsOf(currency);
  // 1.005 is a little less in binary: what is a half in ten digits counts as one.
  return Math.sign(amount) * Math.round(Number(scaled.toPrecision(15))) || 0;
}

/** The amount that so many of the smallest unit of a currency are; the other way of {@link minorUnits}. */
export const majorUnits = (units: number, currency: string): number => units / 10 ** digitsOf(currency);
