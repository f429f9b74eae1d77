import { deliveryLabel } from '@sirene/core/actions';
import type { DataSource } from 'typeorm';
import type { DeliveryEntity } from '../actions/actions.entity.js';
import type { ListEventKind } from '../lists/lists.entity.js';
import type { InvoiceEntity } from '../invoices/invoices.entity.js';
import type { PaymentEntity, PaymentState } from '../payments/payments.entity.js';
import type { MergeEntity, NoteEntity, PersonEntity, SubmissionEntity } from './people.entity.js';

/** Most of each kind that is told of one person. */
const most = 200;

/** One thing that a person did or was sent, or that was written down about them. */
export type TimelineEntry = { id: string; at: number } & (
  | { kind: 'submission'; text: string }
  | { kind: 'conversation'; text: string }
  | { kind: 'mail'; text: string; state: string }
  | { kind: 'list'; text: string; event: ListEventKind }
  | { kind: 'lead'; text: string; stage: string }
  | { kind: 'payment'; text: string; units: number; currency: string; state: PaymentState }
  | { kind: 'invoice'; text: string; what: 'issued' | 'sent' | 'paid' }
  | { kind: 'merge'; text: string; isLast: boolean }
  | { kind: 'note'; text: string; by: string | null }
);

/** All that is known of a person, the last first. */
export async function timelineOf(dataSource: DataSource, person: PersonEntity): Promise<TimelineEntry[]> {
  const of = <T>(sql: string) => dataSource.query<T[]>(`${sql} LIMIT ${most}`, [person.id]);
  const [submissions, conversations, mails, lists, leads, notes, payments, invoices, merges] =
    await Promise.all([
      of<Pick<SubmissionEntity, 'id' | 'widgetName' | 'receivedAt'>>(
        'SELECT id, widgetName, receivedAt FROM submission WHERE personId = ? ORDER BY receivedAt DESC',
      ),
      of<{ id: string; widgetName: string; startedAt: number }>(
        'SELECT id, widgetName, startedAt FROM conversation WHERE personId = ? ORDER BY startedAt DESC',
      ),
      of<Pick<DeliveryEntity, 'id' | 'type' | 'target' | 'state' | 'lastAt' | 'dueAt'>>(
        `SELECT delivery.id, delivery.type, delivery.target, delivery.state, delivery.lastAt, delivery.dueAt
       FROM submission JOIN delivery ON delivery.siteId = submission.siteId AND delivery.submissionId = submission.id
       JOIN person ON person.id = submission.personId AND (delivery.target = person.email COLLATE NOCASE OR EXISTS
         (SELECT 1 FROM person_alias alias WHERE alias.personId = person.id AND alias.email = delivery.target))
       WHERE submission.personId = ? AND delivery.type IN ('reply', 'list', 'payment') ORDER BY delivery.dueAt DESC`,
      ),
      of<{ id: string; at: number; kind: ListEventKind; name: string }>(
        `SELECT event.id, event.at, event.kind, list.name FROM list_event event JOIN list ON list.id = event.listId
       WHERE event.personId = ? ORDER BY event.at DESC`,
      ),
      of<{ id: string; at: number; stage: string; title: string }>(
        `SELECT event.id, event.at, event.stage, lead.title FROM lead JOIN lead_event event ON event.leadId = lead.id
       WHERE lead.personId = ? ORDER BY event.at DESC`,
      ),
      of<NoteEntity & { by: string | null }>(
        `SELECT note.id, note.at, note.text, user.name AS by FROM person_note note LEFT JOIN user ON user.id = note.byId
       WHERE note.personId = ? ORDER BY note.at DESC`,
      ),
      of<Pick<PaymentEntity, 'id' | 'description' | 'units' | 'currency' | 'state' | 'since'>>(
        `SELECT payment.id, payment.description, payment.units, payment.currency, payment.state, payment.since
       FROM submission JOIN payment ON payment.siteId = submission.siteId AND payment.submissionId = submission.id
       WHERE submission.personId = ? ORDER BY payment.since DESC`,
      ),
      of<Pick<InvoiceEntity, 'id' | 'number' | 'createdAt' | 'issuedOn' | 'sentAt' | 'paidAt'>>(
        `SELECT id, number, createdAt, issuedOn, sentAt, paidAt FROM invoice
       WHERE personId = ? AND number IS NOT NULL ORDER BY createdAt DESC`,
      ),
      of<Pick<MergeEntity, 'id' | 'at'> & { who: string }>(
        `SELECT id, at, coalesce(nullif(merged ->> 'email', ''), nullif(merged ->> 'name', ''), merged ->> 'phone') AS who
       FROM person_merge WHERE personId = ? ORDER BY at DESC, id DESC`,
      ),
    ]);
  const entries: TimelineEntry[] = [
    ...submissions.map(({ id, widgetName, receivedAt }) => ({
      ...{ id, at: receivedAt, kind: 'submission' as const, text: widgetName },
    })),
    ...conversations.map(({ id, widgetName, startedAt }) => ({
      ...{ id, at: startedAt, kind: 'conversation' as const, text: widgetName },
    })),
    ...mails.map(({ id, type, target, state, lastAt, dueAt }) => ({
      ...{ id, at: lastAt ?? dueAt, kind: 'mail' as const, text: deliveryLabel({ type, target }), state },
    })),
    ...lists.map(({ id, at, kind, name }) => ({ id, at, kind: 'list' as const, text: name, event: kind })),
    ...leads.map(({ id, at, stage, title }) => ({ id, at, kind: 'lead' as const, text: title, stage })),
    ...payments.map(({ id, description, units, currency, state, since }) => ({
      ...{ id, at: since, kind: 'payment' as const, text: description, units, currency, state },
    })),
    ...invoices.flatMap(({ id, number, createdAt, issuedOn, sentAt, paidAt }) =>
      [
        // On its day, and not before it was begun.
        ['issued', issuedOn && Math.max(Date.parse(issuedOn), createdAt)] as const,
        ['sent', sentAt] as const,
        ['paid', paidAt] as const,
      ].flatMap(([what, at]) =>
        at ? [{ id: `${id} ${what}`, at, kind: 'invoice' as const, text: number ?? '', what }] : [],
      ),
    ),
    ...merges.map(({ id, at, who }, index) => ({
      ...{ id, at, kind: 'merge' as const, text: who, isLast: index === 0 },
    })),
    ...notes.map(({ id, at, text, by }) => ({ id, at, kind: 'note' as const, text, by })),
  ];
  return entries.sort((a, b) => b.at - a.at || (a.id < b.id ? 1 : -1));
}
