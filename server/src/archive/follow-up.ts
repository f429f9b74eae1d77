import { numberIn } from '@sirene/core/invoice';
import type { EntityManager } from 'typeorm';
import { newToken } from '../accounts/tokens.js';
import type { InvoiceSettingsDto } from '../invoices/dto/invoices.dto.js';
import { InvoiceEntity, InvoiceSettingsEntity } from '../invoices/invoices.entity.js';
import { LeadEntity, LeadEventEntity, LeadStageEntity, type Outcome } from '../leads/leads.entity.js';
import { firstStages } from '../leads/stages.js';
import { ListEntity, ListEntryEntity, ListEventEntity, type ListEventKind } from '../lists/lists.entity.js';
import { NoteEntity, PersonEntity } from '../people/people.entity.js';
import { PaymentEntity } from '../payments/payments.entity.js';
import { newId } from '../shared/ids.js';
import type { ArchivedSubmission } from './archive.dto.js';

const hourMs = 3_600_000;
const dayMs = 24 * hourMs;

/** Brings in what became of submissions: lists, leads and notes, in the transaction that brings the submissions. */
export class FollowUp {
  readonly #lists = new Map<string, string>();
  readonly #stages = new Map<string, string>();
  #invoices = 0;

  /**
   * @param now the moment of the import, ms
   * @param ownerId who has written the notes
   * @param invoicing how the site writes its invoices; without, there are none
   */
  constructor(
    private readonly manager: EntityManager,
    private readonly siteId: string,
    private readonly ownerId: string,
    private readonly now: number,
    private readonly invoicing: InvoiceSettingsDto | undefined,
  ) {}

  /** What became of one submission. */
  async bring(personId: string, widgetId: string, submission: ArchivedSubmission): Promise<void> {
    await this.#bringEntry(personId, submission);
    await this.#bringLead(personId, submission);
    await this.#bringPayment(widgetId, submission);
    await this.#bringInvoice(personId, submission);
    if (submission.note === undefined) return;
    const at = this.now - submission.ago + hourMs;
    await this.manager.insert(NoteEntity, {
      ...{ id: newId('note'), personId, byId: this.ownerId, text: submission.note, at },
    });
  }

  async #bringEntry(personId: string, { id, ago, page, list }: ArchivedSubmission): Promise<void> {
    if (!list) return;
    const listId = await this.#listId(list.name);
    if (await this.manager.existsBy(ListEntryEntity, { listId, personId })) return;
    const asked = this.now - ago;
    const times: [ListEventKind, number][] = [['asked', asked]];
    if (list.state !== 'pending') times.push(['confirmed', Math.min(asked + hourMs / 4, this.now)]);
    if (list.state === 'unsubscribed') times.push(['unsubscribed', Math.min(asked + 5 * dayMs, this.now)]);
    await this.manager.insert(ListEntryEntity, {
      ...{ listId, personId, state: list.state, token: newToken(), since: times.at(-1)?.[1] ?? asked },
      ...{ welcome: null, submissionId: id },
    });
    for (const [kind, at] of times)
      await this.manager.insert(ListEventEntity, {
        ...{ id: newId('le'), listId, personId, kind, at, words: '' },
        ...{ page: kind === 'asked' ? page : '', submissionId: kind === 'asked' ? id : null },
      });
  }

  async #bringLead(personId: string, { id, ago, lead }: ArchivedSubmission): Promise<void> {
    if (!lead) return;
    const { stage, title, units, currency, due } = lead;
    const [leadId, createdAt] = [newId('lead'), this.now - ago];
    await this.manager.insert(LeadEntity, {
      ...{ id: leadId, siteId: this.siteId, personId, stageId: await this.#stageId(stage), title, currency },
      ...{ units: units ?? null, ownerId: null, dueOn: due === undefined ? null : this.#day(due) },
      ...{ submissionId: id, deliveryId: null, createdAt, movedAt: createdAt },
    });
    await this.manager.insert(LeadEventEntity, {
      ...{ id: newId('lv'), leadId, at: createdAt, stage, byId: null },
    });
  }

  /** The next invoice goes on from those that were brought. */
  async end(): Promise<void> {
    if (!this.invoicing) return;
    const next = this.invoicing.next + this.#invoices;
    await this.manager.update(InvoiceSettingsEntity, { siteId: this.siteId }, { next });
  }

  async #bringInvoice(personId: string, { ago, invoice }: ArchivedSubmission): Promise<void> {
    if (!invoice || !this.invoicing) return;
    const { seller, series, next, dueDays, currency } = this.invoicing;
    const person = await this.manager.findOneByOrFail(PersonEntity, { id: personId });
    const createdAt = Math.min(this.now - ago + dayMs, this.now);
    const day = (at: number) => new Date(at).toISOString().slice(0, 10);
    await this.manager.insert(InvoiceEntity, {
      ...{
        id: newId('inv'),
        siteId: this.siteId,
        personId,
        seller,
        currency,
        note: '',
        lines: invoice.lines,
      },
      number: numberIn(series, next + this.#invoices++, new Date(createdAt).getUTCFullYear()),
      buyer: {
        ...{ name: person.name, email: person.email, street: '', postcode: '', city: '' },
        ...{ country: seller.country, taxId: '' },
      },
      ...{ issuedOn: day(createdAt), dueOn: day(createdAt + dueDays * dayMs), createdAt, sentAt: createdAt },
      paidAt: invoice.paid ? Math.min(createdAt + 3 * dayMs, this.now) : null,
    });
  }

  async #bringPayment(widgetId: string, { id, ago, payment }: ArchivedSubmission): Promise<void> {
    if (!payment) return;
    const createdAt = this.now - ago;
    await this.manager.insert(PaymentEntity, {
      ...{ id: newId('pay'), siteId: this.siteId, submissionId: id, widgetId },
      ...payment,
      ...{ token: newToken(), receipt: null, attempt: 1, sessionId: null, sessionUrl: null, trouble: null },
      ...{ createdAt, since: Math.min(createdAt + hourMs / 10, this.now) },
    });
  }

  #day(after: number): string {
    return new Date(this.now + after * dayMs).toISOString().slice(0, 10);
  }

  async #listId(name: string): Promise<string> {
    const known = this.#lists.get(name);
    if (known !== undefined) return known;
    const id = newId('list');
    await this.manager.insert(ListEntity, { id, siteId: this.siteId, name, createdAt: this.now });
    this.#lists.set(name, id);
    return id;
  }

  async #stageId(name: string): Promise<string> {
    if (this.#stages.size === 0)
      for (const [first, outcome] of firstStages) await this.#makeStage(first, outcome);
    return this.#stages.get(name) ?? this.#makeStage(name, 'open');
  }

  async #makeStage(name: string, outcome: Outcome): Promise<string> {
    const id = newId('stage');
    const position = this.#stages.size;
    await this.manager.insert(LeadStageEntity, { id, siteId: this.siteId, name, position, outcome });
    this.#stages.set(name, id);
    return id;
  }
}
