import { majorUnits } from '@sirene/core/base/money';
import { invoiceTotals } from '@sirene/core/invoice';
import { create } from 'xmlbuilder2';
import type { InvoiceEntity, Line, Party, Seller } from './invoices.entity.js';

const namespaces = {
  '@xmlns': 'urn:oasis:names:specification:ubl:schema:xsd:Invoice-2',
  '@xmlns:cac': 'urn:oasis:names:specification:ubl:schema:xsd:CommonAggregateComponents-2',
  '@xmlns:cbc': 'urn:oasis:names:specification:ubl:schema:xsd:CommonBasicComponents-2',
};

/** Characters that XML 1.0 has no place for. */
const impossible = /(?![\t\n\r])\p{Cc}|\p{Cs}|[\ufffe\uffff]/gu;
const clean = (text: string): string => text.replace(impossible, '');

/** A part only where it says something. */
const where = (value: string, part: object): object => (value.trim() === '' ? {} : part);

const party = ({ name, email, street, postcode, city, country, taxId }: Party) => ({
  'cac:Party': {
    ...where(email, { 'cbc:EndpointID': { '@schemeID': 'EM', '#': clean(email) } }),
    'cac:PostalAddress': {
      ...where(street, { 'cbc:StreetName': clean(street) }),
      ...where(city, { 'cbc:CityName': clean(city) }),
      ...where(postcode, { 'cbc:PostalZone': clean(postcode) }),
      'cac:Country': { 'cbc:IdentificationCode': country },
    },
    ...where(taxId, {
      'cac:PartyTaxScheme': { 'cbc:CompanyID': taxId, 'cac:TaxScheme': { 'cbc:ID': 'VAT' } },
    }),
    'cac:PartyLegalEntity': { 'cbc:RegistrationName': clean(name) },
    ...where(email, { 'cac:Contact': { 'cbc:ElectronicMail': clean(email) } }),
  },
});

/** An invoice as XML: UBL 2.1 as EN 16931 uses it. It must have its number. */
export function invoiceXml(invoice: InvoiceEntity, seller: Seller): string {
  const { number, buyer, currency, issuedOn, dueOn, note } = invoice;
  const totals = invoiceTotals(invoice.lines);
  const digits = new Intl.NumberFormat('en', { style: 'currency', currency }).resolvedOptions();
  const amount = (units: number) => ({
    '@currencyID': currency,
    '#': majorUnits(units, currency).toFixed(digits.maximumFractionDigits ?? 2),
  });
  const category = (rate: number) => ({
    // Standard rate; exempt with a reason; zero rated.
    'cbc:ID': rate > 0 ? 'S' : seller.exemption ? 'E' : 'Z',
    'cbc:Percent': String(rate),
  });
  const scheme = { 'cac:TaxScheme': { 'cbc:ID': 'VAT' } };
  const line = ({ name, unit, quantity, price, rate }: Line, at: number) => ({
    'cbc:ID': String(at + 1),
    'cbc:InvoicedQuantity': { '@unitCode': unit, '#': String(quantity) },
    'cbc:LineExtensionAmount': amount(totals.lines[at] ?? 0),
    'cac:Item': { 'cbc:Name': clean(name), 'cac:ClassifiedTaxCategory': { ...category(rate), ...scheme } },
    'cac:Price': { 'cbc:PriceAmount': amount(price) },
  });
  const document = {
    Invoice: {
      ...namespaces,
      'cbc:CustomizationID': 'urn:cen.eu:en16931:2017',
      'cbc:ID': number,
      'cbc:IssueDate': issuedOn,
      'cbc:DueDate': dueOn,
      'cbc:InvoiceTypeCode': '380',
      ...where(note, { 'cbc:Note': clean(note) }),
      'cbc:DocumentCurrencyCode': currency,
      'cac:AccountingSupplierParty': party(seller),
      'cac:AccountingCustomerParty': party(buyer),
      ...where(seller.iban, {
        'cac:PaymentMeans': {
          'cbc:PaymentMeansCode': '30',
          'cbc:PaymentID': number,
          'cac:PayeeFinancialAccount': { 'cbc:ID': seller.iban },
        },
      }),
      'cac:TaxTotal': {
        'cbc:TaxAmount': amount(totals.tax),
        'cac:TaxSubtotal': totals.taxes.map(({ rate, net, tax }) => ({
          'cbc:TaxableAmount': amount(net),
          'cbc:TaxAmount': amount(tax),
          'cac:TaxCategory': {
            ...category(rate),
            ...(rate === 0 && where(seller.exemption, { 'cbc:TaxExemptionReason': clean(seller.exemption) })),
            ...scheme,
          },
        })),
      },
      'cac:LegalMonetaryTotal': {
        'cbc:LineExtensionAmount': amount(totals.net),
        'cbc:TaxExclusiveAmount': amount(totals.net),
        'cbc:TaxInclusiveAmount': amount(totals.gross),
        'cbc:PayableAmount': amount(totals.gross),
      },
      'cac:InvoiceLine': invoice.lines.map(line),
    },
  };
  return create({ version: '1.0', encoding: 'UTF-8' }, document).end({ prettyPrint: true });
}
