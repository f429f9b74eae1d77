import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import { majorUnits } from '@sirene/core/base/money';
import { invoiceTotals, invoiceUnits } from '@sirene/core/invoice';
import type { Content, TableCell } from 'pdfmake';
import type { InvoiceEntity, Party, Seller } from './invoices.entity.js';

// It ships its typeface; loaded with the first invoice, as it takes some time.
const load = async () => {
  const { default: pdfmake } = await import('pdfmake');
  const fonts = join(
    dirname(createRequire(import.meta.url).resolve('pdfmake/package.json')),
    'fonts',
    'Roboto',
  );
  const file = (name: string) => join(fonts, `Roboto-${name}.ttf`);
  pdfmake.setUrlAccessPolicy(() => false);
  pdfmake.setLocalAccessPolicy((path) => path.startsWith(fonts));
  pdfmake.setFonts({
    Roboto: {
      normal: file('Regular'),
      bold: file('Medium'),
      italics: file('Italic'),
      bolditalics: file('MediumItalic'),
    },
  });
  return pdfmake;
};
let loaded: ReturnType<typeof load> | undefined;

const lines = (texts: readonly string[]): string => texts.filter((text) => text.trim() !== '').join('\n');

const regions = new Intl.DisplayNames('en', { type: 'region' });

const address = ({ street, postcode, city, country }: Party): string =>
  lines([street, `${postcode} ${city}`.trim(), regions.of(country) ?? country]);

const longDate = new Intl.DateTimeFormat('en-GB', { dateStyle: 'long', timeZone: 'UTC' });
const dated = (date: string): string => longDate.format(Date.parse(date));
const plain = new Intl.NumberFormat('en-GB', { maximumFractionDigits: 3 });

/** An invoice as a PDF on A4; a draft says that it is one. */
export async function invoicePdf(invoice: InvoiceEntity, seller: Seller): Promise<Buffer> {
  const pdfmake = await (loaded ??= load());
  const { number, buyer, currency, issuedOn, dueOn, note } = invoice;
  const totals = invoiceTotals(invoice.lines);
  const sums = new Intl.NumberFormat('en-GB', { style: 'currency', currency });
  const sum = (units: number) => sums.format(majorUnits(units, currency));
  const end = (text: string, more: object = {}): TableCell => ({ text, alignment: 'right', ...more });
  const facts: [string, string][] = [
    ['Number', number ?? 'Draft'],
    ...(issuedOn ? ([['Date', dated(issuedOn)]] as [string, string][]) : []),
    ['Due', dated(dueOn)],
    ...(buyer.taxId ? ([['Your VAT number', buyer.taxId]] as [string, string][]) : []),
  ];
  const totalRows: TableCell[][] = [
    ['Sum without tax', end(sum(totals.net))],
    ...totals.taxes
      .filter(({ rate }) => rate > 0)
      .map(({ rate, net, tax }): TableCell[] => [
        `${plain.format(rate)} % tax on ${sum(net)}`,
        end(sum(tax)),
      ]),
    [{ text: 'To pay', bold: true, fontSize: 12 }, end(sum(totals.gross), { bold: true, fontSize: 12 })],
  ];
  const isExempt = totals.taxes.some(({ rate }) => rate === 0);
  const content: Content[] = [
    { text: seller.name, bold: true, fontSize: 13 },
    {
      text: address(seller),
      color: '#555555',
    },
    {
      columns: [
        { text: lines([buyer.name, address(buyer)]), width: '*' },
        {
          width: 220,
          layout: 'noBorders',
          table: {
            widths: ['*', 'auto'],
            body: facts.map(([name, value]) => [{ text: name, color: '#555555' }, end(value)]),
          },
        },
      ],
      margin: [0, 36, 0, 0],
    },
    { text: 'Invoice', bold: true, fontSize: 22, margin: [0, 36, 0, 12] },
    {
      layout: 'lightHorizontalLines',
      table: {
        headerRows: 1,
        widths: ['*', 'auto', 'auto', 'auto', 'auto'],
        body: [
          [
            { text: 'Item', bold: true },
            end('Quantity', { bold: true }),
            end('Price', { bold: true }),
            end('Tax', { bold: true }),
            end('Sum', { bold: true }),
          ],
          ...invoice.lines.map((line, at): TableCell[] => [
            line.name,
            end(`${plain.format(line.quantity)} ${invoiceUnits[line.unit]}`),
            end(sum(line.price)),
            end(`${plain.format(line.rate)} %`),
            end(sum(totals.lines[at] ?? 0)),
          ]),
        ],
      },
    },
    {
      columns: [
        { text: '', width: '*' },
        { width: 260, layout: 'noBorders', table: { widths: ['*', 'auto'], body: totalRows } },
      ],
      margin: [0, 14, 0, 0],
    },
    { text: lines([note, isExempt ? seller.exemption : '']), margin: [0, 28, 0, 0] },
    {
      text: seller.iban ? `Please pay to ${seller.iban}, naming ${number ?? 'the number'}.` : '',
      margin: [0, 12, 0, 0],
    },
  ];
  return pdfmake
    .createPdf({
      pageSize: 'A4',
      pageMargins: [56, 56, 56, 72],
      info: { title: `Invoice ${number ?? '(draft)'}`, author: seller.name },
      defaultStyle: { font: 'Roboto', fontSize: 10, lineHeight: 1.3 },
      ...(number === null && { watermark: { text: 'Draft', color: '#888888', opacity: 0.12 } }),
      content,
      footer: (page: number, pages: number): Content => ({
        columns: [
          {
            text: lines([seller.foot, seller.taxId && `VAT number ${seller.taxId}`]).replaceAll('\n', ' · '),
          },
          { text: pages > 1 ? `${page} / ${pages}` : '', alignment: 'right', width: 60 },
        ],
        margin: [56, 12, 56, 0],
        fontSize: 8,
        color: '#555555',
      }),
    })
    .getBuffer();
}
