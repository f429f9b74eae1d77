import { Button, Flex, Stack, Table, Text } from '@chakra-ui/react';
import { invoiceTotals, invoiceUnits } from '@sirene/core/invoice';
import { Download, Printer } from 'lucide-react';
import { at, post, put, type Invoice, type Site } from '../../shared/api/index.ts';
import { inBackground } from '../../shared/background.ts';
import { ErrorNote } from '../../shared/ErrorNote.tsx';
import { dateTime } from '../../shared/format.ts';
import { useAttempt } from '../../shared/use-attempt.ts';
import { worth } from '../../shared/worth.ts';
import { shortDay } from '../leads/due.ts';
import { InvoiceTotalsView } from './InvoiceTotalsView.tsx';

/** An invoice that has its number: it is sent, printed, exported, and paid. */
export function IssuedInvoice({
  site,
  invoice,
  onChange,
}: {
  site: Site;
  invoice: Invoice;
  onChange(): void;
}) {
  const { buyer, lines, currency, issuedOn, dueOn, note, sentAt, paidAt } = invoice;
  const { error, busy, attempt } = useAttempt();
  const which = { site: site.id, invoice: invoice.id };
  const sums = invoiceTotals(lines).lines;
  const then = (work: () => Promise<unknown>) =>
    inBackground(attempt(work).then((done) => (done ? onChange() : undefined)));
  return (
    <Stack gap="5">
      <Flex gap="8" wrap="wrap">
        <Text whiteSpace="pre-line">
          {[buyer.name, buyer.street, `${buyer.postcode} ${buyer.city}`.trim(), buyer.country, buyer.email]
            .filter(Boolean)
            .join('\n')}
        </Text>
        <Text color="slate">
          {issuedOn && `Issued on ${shortDay(issuedOn)}`}
          <br />
          Due on {shortDay(dueOn)}
          <br />
          {sentAt === null ? 'Not sent yet' : `Sent ${dateTime(sentAt)}`}
          {paidAt !== null && (
            <>
              <br />
              Paid {dateTime(paidAt)}
            </>
          )}
        </Text>
      </Flex>
      <Table.Root size="sm" aria-label="Lines">
        <Table.Header>
          <Table.Row>
            <Table.ColumnHeader>Item</Table.ColumnHeader>
            <Table.ColumnHeader textAlign="end">Quantity</Table.ColumnHeader>
            <Table.ColumnHeader textAlign="end">Price</Table.ColumnHeader>
            <Table.ColumnHeader textAlign="end">Tax</Table.ColumnHeader>
            <Table.ColumnHeader textAlign="end">Sum</Table.ColumnHeader>
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {lines.map(({ name, quantity, unit, price, rate }, position) => (
            <Table.Row key={position}>
              <Table.Cell>{name}</Table.Cell>
              <Table.Cell textAlign="end">
                {quantity} {invoiceUnits[unit]}
              </Table.Cell>
              <Table.Cell textAlign="end">{worth(price, currency)}</Table.Cell>
              <Table.Cell textAlign="end">{rate} %</Table.Cell>
              <Table.Cell textAlign="end">{worth(sums[position] ?? 0, currency)}</Table.Cell>
            </Table.Row>
          ))}
        </Table.Body>
      </Table.Root>
      <InvoiceTotalsView lines={lines} currency={currency} />
      {note && <Text whiteSpace="pre-line">{note}</Text>}
      {error !== null && <ErrorNote error={error} />}
      <Flex gap="2" wrap="wrap">
        <Button
          size="sm"
          colorPalette="signal"
          variant={sentAt === null ? 'solid' : 'outline'}
          loading={busy}
          disabled={buyer.email === ''}
          onClick={() => then(() => post(at('/api/sites/{site}/invoices/{invoice}/send', which), {}))}
        >
          {sentAt === null ? `Send to ${buyer.email || 'no address'}` : 'Send again'}
        </Button>
        <Button
          size="sm"
          variant="outline"
          colorPalette="plain"
          onClick={() =>
            then(() => put(at('/api/sites/{site}/invoices/{invoice}/paid', which), { paid: paidAt === null }))
          }
        >
          {paidAt === null ? 'Mark as paid' : 'Mark as not paid'}
        </Button>
        <Button asChild size="sm" variant="outline" colorPalette="plain">
          <a
            href={at('/api/sites/{site}/invoices/{invoice}/invoice.pdf', which)}
            target="_blank"
            rel="noreferrer"
          >
            <Printer size={14} aria-hidden />
            Print (PDF)
          </a>
        </Button>
        <Button asChild size="sm" variant="outline" colorPalette="plain">
          <a href={at('/api/sites/{site}/invoices/{invoice}/invoice.xml', which)} download>
            <Download size={14} aria-hidden />
            Export as XML
          </a>
        </Button>
      </Flex>
    </Stack>
  );
}
