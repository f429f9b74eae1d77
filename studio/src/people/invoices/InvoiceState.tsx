import type { Invoice } from '../../shared/api/index.ts';
import { StateMark } from '../../shared/StateMark.tsx';
import { isOverdue } from '../leads/due.ts';

/** How an invoice stands, in a word. */
export function InvoiceState({ invoice }: { invoice: Invoice }) {
  if (invoice.number === null) return <StateMark tone="quiet">Draft</StateMark>;
  if (invoice.paidAt !== null) return <StateMark tone="good">Paid</StateMark>;
  if (isOverdue(invoice)) return <StateMark tone="bad">Overdue</StateMark>;
  return (
    <StateMark tone="waiting">{invoice.sentAt === null ? 'Not sent yet' : 'Sent, not paid yet'}</StateMark>
  );
}
