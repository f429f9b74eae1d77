/** What lines are counted in (UN/ECE Recommendation 20, as EN 16931 has it), and what people call each. */
export const invoiceUnits = {
  C62: 'pcs',
  HUR: 'h',
  DAY: 'days',
  MON: 'months',
  KMT: 'km',
  LS: 'lump sum',
} as const;

export type InvoiceUnit = keyof typeof invoiceUnits;
