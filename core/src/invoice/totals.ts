/** What one line of an invoice says of money. */
export interface InvoiceLine {
  quantity: number;
  /** For one of its unit, without tax, in the smallest unit of the currency. */
  price: number;
  /** The rate of the tax, percent: 19. */
  rate: number;
}

/** What is taxed at one rate, and the tax on it, in the smallest unit of the currency. */
export interface TaxSubtotal {
  rate: number;
  net: number;
  tax: number;
}

/** What an invoice comes to, in the smallest unit of its currency. */
export interface InvoiceTotals {
  /** Each line without tax. */
  lines: number[];
  /** By rate, the lowest first. */
  taxes: TaxSubtotal[];
  net: number;
  tax: number;
  gross: number;
}

// What is a half in ten digits counts as one, away from zero, whatever binary makes of it.
const rounded = (value: number): number =>
  Math.sign(value) * Math.round(Number(Math.abs(value).toPrecision(15))) || 0;

/**
 * Adds up an invoice as EN 16931 does (BR-CO-10 to BR-CO-17): each line is rounded, tax is worked out for each rate on the sum
 * of its lines and rounded once.
 *
 * @example invoiceTotals([{ quantity: 3, price: 350, rate: 20 }]).gross // 1260
 */
export function invoiceTotals(lines: readonly InvoiceLine[]): InvoiceTotals {
  const nets = lines.map(({ quantity, price }) => rounded(quantity * price));
  const byRate = new Map<number, number>();
  lines.forEach(({ rate }, at) => byRate.set(rate, (byRate.get(rate) ?? 0) + (nets[at] ?? 0)));
  const taxes = [...byRate]
    .sort(([a], [b]) => a - b)
    .map(([rate, net]) => ({ rate, net, tax: rounded((net * rate) / 100) }));
  const sum = (values: readonly number[]) => values.reduce((total, value) => total + value, 0);
  const [net, tax] = [sum(nets), sum(taxes.map((one) => one.tax))];
  return { lines: nets, taxes, net, tax, gross: net + tax };
}
