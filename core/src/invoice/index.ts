export { invoiceTotals, type InvoiceLine, type InvoiceTotals, type TaxSubtotal } from './totals.js';
export { numberIn, seriesProblem } from './series.js';
export { invoiceUnits, type InvoiceUnit } from './units.js';
