import { ConflictException, Inject, Injectable, NotFoundException } from '@nestjs/common';
import { numberIn } from '@sirene/core/invoice';
import { completeBrand } from '@sirene/core/style';
import { DataSource } from 'typeorm';
import { CLOCK, type ServerClock } from '../config.js';
import { GroupWriter } from '../database/group-writer.js';
import { statement } from '../database/statements.js';
import { Transactions } from '../database/transactions.js';
import { LeadEntity } from '../leads/leads.entity.js';
import { brandedMail } from '../mail/branded.js';
import { Mailer, siteHeader } from '../mail/mailer.js';
import { findPerson } from '../people/find-person.js';
import { newId } from '../shared/ids.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import type { InvoiceDto, InvoiceSettingsDto } from './dto/invoices.dto.js';
import { InvoiceEntity, InvoiceSettingsEntity, type Line, type Seller } from './invoices.entity.js';
import { invoicePdf } from './pdf.js';
import { invoiceXml } from './ubl.js';

/** Most invoices of a list. */
const most = 1000;
const dayMs = 86_400_000;

const nobody = { name: '', email: '', street: '', postcode: '', city: '', country: 'DE', taxId: '' };

/** Invoices of a site: drafts from its people, numbered once, and from then on as they are. */
@Injectable()
export class InvoicesService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly transactions: Transactions,
    private readonly groups: GroupWriter,
    private readonly mailer: Mailer,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /** Those of a site, or of one of its people, the newest first. */
  all(site: SiteEntity, personId?: string): Promise<InvoiceEntity[]> {
    return this.dataSource.getRepository(InvoiceEntity).find({
      where: { siteId: site.id, ...(personId !== undefined && { personId }) },
      order: { createdAt: 'DESC', id: 'DESC' },
      take: most,
    });
  }

  /** One invoice. Refuses one that is not there. */
  async one(site: SiteEntity, id: string): Promise<InvoiceEntity> {
    const invoice = await this.dataSource.getRepository(InvoiceEntity).findOneBy({ id, siteId: site.id });
    if (!invoice) throw new NotFoundException('There is no such invoice.');
    return invoice;
  }

  /** How a site writes its invoices; as good as can be said where it has not said so yet. */
  async settings(site: SiteEntity): Promise<InvoiceSettingsEntity> {
    const found = await this.dataSource.getRepository(InvoiceSettingsEntity).findOneBy({ siteId: site.id });
    return (
      found ?? {
        siteId: site.id,
        seller: { ...nobody, name: site.name, iban: '', exemption: '', foot: '' },
        items: [],
        series: '{year}-{number:4}',
        next: 1,
        dueDays: 14,
        currency: 'EUR',
      }
    );
  }

  /** Sets how a site writes its invoices. */
  async setSettings(site: SiteEntity, settings: InvoiceSettingsDto): Promise<void> {
    await this.transactions.write((manager) =>
      manager.save(InvoiceSettingsEntity, { ...settings, siteId: site.id }),
    );
  }

  /** Begins an invoice for a person: who they are, and what their open lead is about. */
  async draft(site: SiteEntity, personId: string): Promise<InvoiceEntity> {
    const person = await findPerson(this.dataSource, site, personId);
    const { currency, dueDays, items, seller } = await this.settings(site);
    const lead = await this.dataSource
      .getRepository(LeadEntity)
      .findOne({ where: { siteId: site.id, personId, currency }, order: { createdAt: 'DESC' } });
    const rate = items[0]?.rate ?? 0;
    const lines: Line[] =
      lead === null || lead.units === null
        ? []
        : [{ name: lead.title, unit: 'C62', quantity: 1, price: lead.units, rate }];
    const now = this.clock.now();
    return this.transactions.write((manager) =>
      manager.save(InvoiceEntity, {
        ...{ id: newId('inv'), siteId: site.id, personId, number: null, seller: null, lines, currency },
        buyer: { ...nobody, name: person.name, email: person.email, country: seller.country },
        ...{ issuedOn: null, dueOn: this.#day(site, now + dueDays * dayMs), note: '' },
        ...{ createdAt: now, sentAt: null, paidAt: null },
      }),
    );
  }

  /** Changes a draft. Refuses one that has its number. */
  async change(site: SiteEntity, id: string, changes: InvoiceDto): Promise<void> {
    await this.one(site, id);
    const { buyer, lines, currency, dueOn, note } = changes;
    const { changes: changed } = await this.groups.add((database) =>
      statement(
        database,
        `UPDATE invoice SET buyer = ?, lines = ?, currency = ?, dueOn = ?, note = ?
         WHERE id = ? AND siteId = ? AND number IS NULL`,
      ).run(JSON.stringify(buyer), JSON.stringify(lines), currency, dueOn, note, id, site.id),
    );
    if (changed === 0) throw new ConflictException('It has its number: it is not changed any more.');
  }

  /** Drops a draft. What has a number is kept. */
  async drop(site: SiteEntity, id: string): Promise<void> {
    await this.one(site, id);
    const { changes } = await this.groups.add((database) =>
      statement(database, 'DELETE FROM invoice WHERE id = ? AND siteId = ? AND number IS NULL').run(
        id,
        site.id,
      ),
    );
    if (changes === 0) throw new ConflictException('It has its number: it is kept.');
  }

  /** Gives a draft its number, the next of the series, and the date of today. Two who ask at once get two numbers. */
  async issue(site: SiteEntity, id: string): Promise<void> {
    const invoice = await this.one(site, id);
    if (invoice.number !== null) throw new ConflictException('It has its number already.');
    if (invoice.lines.length === 0) throw new ConflictException('It has no lines yet.');
    if (invoice.buyer.name.trim() === '') throw new ConflictException('It does not say whom it is for.');
    const settings = await this.settings(site);
    const issuedOn = this.#day(site, this.clock.now());
    await this.groups.add((database) => {
      statement(
        database,
        `INSERT INTO invoice_settings (siteId, seller, items, series, next, dueDays, currency)
           VALUES (?, ?, ?, ?, ?, ?, ?) ON CONFLICT (siteId) DO NOTHING`,
      ).run(
        ...[site.id, JSON.stringify(settings.seller), JSON.stringify(settings.items), settings.series],
        ...[settings.next, settings.dueDays, settings.currency],
      );
      const { series, next, seller } = statement(
        database,
        'SELECT series, next, seller FROM invoice_settings WHERE siteId = ?',
      ).get(site.id) as { series: string; next: number; seller: string };
      const year = Number(issuedOn.slice(0, 4));
      const isTaken = (number: string) =>
        statement(database, 'SELECT 1 FROM invoice WHERE siteId = ? AND number = ?').get(site.id, number);
      let counter = next;
      // Whoever set the counter back gets the next that is free: no number is there twice.
      while (isTaken(numberIn(series, counter, year))) counter++;
      const { changes } = statement(
        database,
        'UPDATE invoice SET number = ?, issuedOn = ?, seller = ? WHERE id = ? AND number IS NULL',
      ).run(numberIn(series, counter, year), issuedOn, seller, id);
      if (changes > 0)
        statement(database, 'UPDATE invoice_settings SET next = ? WHERE siteId = ?').run(
          counter + 1,
          site.id,
        );
    });
  }

  /** Sends an invoice to its buyer, as PDF and as XML. Throws where it has no number or no address, or the mail is not taken. */
  async send(site: SiteEntity, id: string, text: string | undefined): Promise<void> {
    const invoice = await this.one(site, id);
    const { number, buyer } = invoice;
    if (number === null) throw new ConflictException('A draft has no number yet: give it one first.');
    if (buyer.email === '') throw new ConflictException('It does not say to which e-mail address.');
    const { content: pdf } = await this.pdf(site, invoice);
    const words =
      text ?? `Dear ${buyer.name},\n\nplease find our invoice ${number} attached.\n\n${site.name}`;
    try {
      await this.mailer.send(
        {
          to: { name: buyer.name, address: buyer.email },
          subject: `Invoice ${number} from ${site.name}`,
          headers: { [siteHeader]: site.id },
          ...brandedMail({ brand: completeBrand(site.brand), siteName: site.name }, { text: words }),
          attachments: [
            { filename: `invoice-${fileName(number)}.pdf`, content: pdf, contentType: 'application/pdf' },
            {
              filename: `invoice-${fileName(number)}.xml`,
              content: this.xml(invoice),
              contentType: 'application/xml',
            },
          ],
        },
        site.name,
      );
    } catch {
      throw new ConflictException(
        'The mail server did not take it. Nothing has been sent; please try again.',
      );
    }
    await this.#note(id, 'sentAt', this.clock.now());
  }

  /** Notes that an invoice has been paid, or has not. */
  async setPaid(site: SiteEntity, id: string, isPaid: boolean): Promise<void> {
    const { number } = await this.one(site, id);
    if (number === null) throw new ConflictException('A draft has no number yet: give it one first.');
    await this.#note(id, 'paidAt', isPaid ? this.clock.now() : null);
  }

  /** An invoice as PDF, with the name of its file. */
  async pdf(site: SiteEntity, invoice: InvoiceEntity): Promise<{ content: Buffer; name: string }> {
    const seller: Seller = invoice.seller ?? (await this.settings(site)).seller;
    return {
      content: await invoicePdf(invoice, seller),
      name: `invoice-${fileName(invoice.number ?? 'draft')}.pdf`,
    };
  }

  /** An invoice as XML. Refuses a draft. */
  xml(invoice: InvoiceEntity): string {
    if (invoice.number === null || !invoice.seller)
      throw new ConflictException('A draft has no number yet: give it one first.');
    return invoiceXml(invoice, invoice.seller);
  }

  async #note(id: string, what: 'sentAt' | 'paidAt', at: number | null): Promise<void> {
    await this.groups.add((database) =>
      statement(database, `UPDATE invoice SET ${what} = ? WHERE id = ?`).run(at, id),
    );
  }

  /** A day in the site's zone (ISO 8601). */
  #day(site: SiteEntity, at: number): string {
    return new Intl.DateTimeFormat('en-CA', { timeZone: site.zone, dateStyle: 'short' }).format(at);
  }
}

/** A number as part of a file's name. */
export const fileName = (number: string): string => number.replace(/[^\w.-]+/g, '-');
