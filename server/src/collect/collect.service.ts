import { valueAt } from '@sirene/core/base/maps';
import { ConflictException, HttpException, Inject, Injectable, NotFoundException } from '@nestjs/common';
import {
  checkForm,
  filesIn,
  isSecret,
  spamSigns,
  type SpamReason,
  type Answers,
  type Days,
  type FieldFault,
  type FormRule,
} from '@sirene/core/form';
import { messagesIn, type MessageKey } from '@sirene/core/base/messages';
import { leastWork, workAsked, workOf } from '@sirene/core/form/work';
import { dayMs } from '@sirene/core/base/time';
import type { CompiledWidget } from '@sirene/core/compile';
import type { Action } from '@sirene/core/actions';
import type { Database } from 'better-sqlite3';
import { DataSource } from 'typeorm';
import { OutboxService, type TypedDelivery } from '../actions/outbox.service.js';
import { CLOCK, type ServerClock } from '../config.js';
import { GroupWriter } from '../database/group-writer.js';
import { statement } from '../database/statements.js';
import { FilesService } from '../files/files.service.js';
import { writeDeliveries } from '../actions/write-deliveries.js';
import type { SendFileDto } from '../files/dto/send-file.dto.js';
import { answersOf } from '../people/answers-of.js';
import { SubmissionEntity, type SubmittedField } from '../people/people.entity.js';
import { knownPerson } from '../people/known-person.js';
import { e164 } from '../people/phone.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { BodyEntity, VersionEntity, WidgetEntity } from '../widgets/widgets.entity.js';
import { RecentSpam } from './recent-spam.js';
import { storeSubmission, type CheckedSubmission, type Stored } from './store-submission.js';
import { SubmissionStore } from './submission-store.js';
import type { EventsDto, Submission } from './dto/submission.dto.js';

/** What a visitor saw when they filled in a form, as far as storing what they sent needs it. */
interface SeenVersion {
  widgetId: string;
  name: string;
  number: number;
  forms: Record<string, FormRule>;
  actions: Action[];
}

/** What follows for the visitor: the page that they go on to, and the member as whom the page now knows them. */
export interface Outcome {
  next: string | null;
  member: { id: string; name: string } | null;
}

interface Entry {
  /** Why it is held back, where it is. */
  reasons: SpamReason[];
  site: SiteEntity;
  seen: SeenVersion;
  submission: Submission;
  fields: SubmittedField[];
  answers: Answers;
  email: string;
  name: string;
}

type Checked = CheckedSubmission & { deliveries: TypedDelivery[] };

const counting = (column: string): string =>
  `INSERT INTO count (widgetId, day, ${column}) SELECT id, ?, 1 FROM widget WHERE id = ? AND siteId = ?
     ON CONFLICT (widgetId, day) DO UPDATE SET ${column} = ${column} + 1`;

const countOne = { shown: counting('shown'), closed: counting('closed'), submitted: counting('submitted') };

/** Most versions kept in memory; a version is a few kB. */
const mostKept = 1000;

@Injectable()
export class CollectService {
  #versions = new Map<string, SeenVersion>();
  #spam = new RecentSpam();

  constructor(
    private readonly dataSource: DataSource,
    private readonly groups: GroupWriter,
    private readonly store: SubmissionStore,
    private readonly outbox: OutboxService,
    private readonly files: FilesService,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /**
   * Checks a submission and stores it with its actions; resolved when that has been committed. Where an outside service has to
   * say whether it is right, that is asked first.
   */
  async submit(site: SiteEntity, submission: Submission): Promise<Outcome> {
    const seen = await this.#version(site, submission.widget, submission.body);
    const rule = valueAt(seen.forms, submission.form);
    if (!rule) throw new NotFoundException(`form ${submission.form} is not part of this widget`);
    refuseUnknownFields(rule, submission.values);
    const { values, answers, faults } = checkForm(rule, submission.values, this.#days());
    refuseFaults(faults);
    const ofKind = (kind: string) => enteredIn(rule, values, kind);
    const phones = phonesIn(rule, values);
    refuseFaults(wrongNumbers(rule, phones));
    const files = await this.#files(site, submission.id, rule, values);
    // What was not asked for is no part of it.
    const fields: SubmittedField[] = rule.fields
      .filter((field) => !isSecret(field) && Object.hasOwn(values, field.key))
      .map(({ key, label, kind }) => {
        const sent = files.get(key);
        if (sent) return { key, label, value: sent.map(({ name }) => name).join('\n'), files: sent };
        const [value, answer] = [valueAt(values, key) ?? '', valueAt(answers, key)];
        const phone = phones.get(key);
        const isData = answer !== undefined && typeof answer !== 'string';
        return {
          key,
          label,
          value,
          ...(phone && { phone }),
          ...(kind === 'consent' && value !== '' && { consent: true }),
          ...(isData && { answer: typeof answer === 'number' ? answer : [...answer] }),
        };
      });
    const verdict = await this.outbox.decide(
      site,
      seen.actions,
      { answers, form: submission.form },
      { id: submission.id, entered: ofKind },
    );
    if (verdict?.refused !== undefined) throw refusalOf(faultsOf(rule, verdict.kind, verdict.refused));
    if (verdict?.isAnswered) return { next: verdict.next, member: verdict.member };
    const reasons = spamSigns(
      values,
      {
        trap: submission.trap ?? '',
        took: submission.took ?? null,
        worked: this.#isWorkedFor(site, submission),
      },
      site.unwantedWords,
    );
    const entry: Entry = {
      reasons,
      site,
      seen,
      submission,
      fields,
      answers,
      email: ofKind('email'),
      name: ofKind('name'),
    };
    if (reasons.length === 0) this.outbox.came();
    const outcome = await this.#stored(entry);
    if (reasons.length > 0 && outcome === 'stored') this.#spam.add(site.id, this.clock.now());
    if (outcome === 'taken') throw new ConflictException('id belongs to another submission');
    const next = await this.outbox.next(site, submission.id, seen.actions);
    return { next: next ?? verdict?.next ?? null, member: verdict?.member ?? null };
  }

  /** Whether a page did the work that is asked for. One that did some is asked for more while the site is under attack. */
  #isWorkedFor(site: SiteEntity, { id, work = '' }: Submission): boolean {
    if (work === '') return false;
    const [done, asked] = [workOf(id, work), workAsked(this.#spam.of(site.id, this.clock.now()))];
    if (done >= leastWork && done < asked)
      throw new HttpException(
        { statusCode: 428, message: `work must begin with ${asked} zero bits for now`, bits: asked },
        428,
      );
    return done >= asked;
  }

  /** Lets a submission through that was held back: who sent it becomes known, and its actions follow. */
  async release(site: SiteEntity, id: string): Promise<void> {
    const at = { siteId: site.id, id };
    const submission = await this.dataSource.getRepository(SubmissionEntity).findOneBy(at);
    if (!submission?.held) throw new NotFoundException('There is no such submission held back.');
    const { widgetId, versionNumber, fields, held } = submission;
    const version = await this.dataSource
      .getRepository(VersionEntity)
      .findOneBy({ widgetId, number: versionNumber });
    const actions = version?.document.afterwards.actions ?? [];
    const answers = answersOf(fields);
    await this.groups.add((database) => {
      const now = this.clock.now();
      const { email, name, form = '' } = held;
      const heard = { siteId: site.id, email, phone: phoneOf(fields), name, at: submission.receivedAt };
      const personId = knownPerson(database, heard);
      const { changes } = statement(
        database,
        'UPDATE submission SET held = NULL, personId = ? WHERE siteId = ? AND id = ? AND held IS NOT NULL',
      ).run(personId, site.id, id);
      // Two who press at once let it through once.
      if (changes === 0) return;
      const deliveries = this.outbox.following(actions, { answers, email, form });
      writeDeliveries(database, { siteId: site.id, submissionId: id }, deliveries, now);
      this.outbox.atOnce(database, site.id, id, deliveries);
    });
  }

  /** What a field for files asks for. Refuses one that is none. */
  async fileRule(site: SiteEntity, { widget, body, form, field }: SendFileDto) {
    const { forms } = await this.#version(site, widget, body);
    const file = valueAt(forms, form)?.fields.find(({ key }) => key === field)?.file;
    if (!file) throw new NotFoundException(`${field} takes no files in this form`);
    return file;
  }

  /** The files that a form names, by field; one that was not sent here, or belongs elsewhere, is at fault. */
  async #files(site: SiteEntity, id: string, rule: FormRule, values: Readonly<Record<string, string>>) {
    const found = new Map<string, NonNullable<SubmittedField['files']>>();
    for (const { key, kind, element, messages } of rule.fields) {
      if (kind !== 'file' || !Object.hasOwn(values, key)) continue;
      const named = filesIn(valueAt(values, key) ?? '') ?? [];
      const sent = await this.files.forSubmission(
        site.id,
        id,
        named.map((one) => one.id),
      );
      const byId = new Map(sent.map((one) => [one.id, one]));
      const own = named.flatMap((one) => byId.get(one.id) ?? []);
      if (own.length < named.length || byId.size < named.length)
        refuseFaults([
          { key, element, problem: 'malformed', message: messages.malformed ?? 'Please check this' },
        ]);
      found.set(
        key,
        own.map(({ id: file, name, type, bytes }) => ({ id: file, name, type, bytes })),
      );
    }
    return found;
  }

  /**
   * Stores what was left in a chat outside its hours as a submission, with the actions of its widget. Called inside a transaction;
   * left again with the same id, it is stored once.
   */
  leave(
    database: Database,
    site: SiteEntity,
    { name, number, actions }: { name: string; number: number; actions: Action[] },
    left: { id: string; widget: string; page: string; title: string; name: string; email: string },
    fields: SubmittedField[],
  ): void {
    const seen = { widgetId: left.widget, name, number, forms: {}, actions };
    const submission = { ...left, body: '', form: '', values: {} };
    const answers = answersOf(fields);
    this.outbox.came();
    this.#storeHere(
      database,
      this.#checked({
        ...{ reasons: [], site, seen, submission, fields, answers, email: left.email, name: left.name },
      }),
    );
  }

  /** Counts what widgets did; events of widgets that are gone are dropped. */
  async count(site: SiteEntity, { events }: EventsDto): Promise<void> {
    const day = new Date(this.clock.now()).toISOString().slice(0, 10);
    await this.groups.add((database) => {
      for (const { type, widget } of events) {
        statement(database, countOne[type]).run(day, widget, site.id);
      }
    });
  }

  /** What was filled in without a connection arrives days later, and it may be tomorrow already where the visitor is. */
  #days(): Days {
    const today = Math.floor(this.clock.now() / dayMs);
    return { from: today - 7, to: today + 1 };
  }

  #stored(entry: Entry): Promise<Stored> {
    const checked = this.#checked(entry);
    // What an action has to have made at once is made here, in the same transaction.
    if (this.outbox.hasAtOnce(checked.deliveries))
      return this.groups.add((database) => this.#storeHere(database, checked));
    return this.store.store(checked);
  }

  #storeHere(database: Database, checked: Checked): Stored {
    const stored = storeSubmission(database, checked);
    if (stored === 'stored') this.outbox.atOnce(database, checked.siteId, checked.id, checked.deliveries);
    return stored;
  }

  #checked({ reasons, site, seen, submission, fields, answers, email, name }: Entry): Checked {
    const now = this.clock.now();
    const isHeld = reasons.length > 0;
    const { id, form, page, title } = submission;
    return {
      siteId: site.id,
      id,
      widget: { id: seen.widgetId, name: seen.name, version: seen.number },
      fields,
      page,
      title,
      receivedAt: now,
      heard: { siteId: site.id, email, phone: phoneOf(fields), name, at: now },
      held: isHeld ? { reasons, email, name, form } : null,
      deliveries: isHeld ? [] : this.outbox.following(seen.actions, { answers, email, form }),
    };
  }

  /** The version that a body belongs to: whoever filled in an older one is held to the rules they saw. */
  async #version(site: SiteEntity, widgetId: string, body: string): Promise<SeenVersion> {
    const key = `${site.id} ${widgetId} ${body}`;
    const kept = this.#versions.get(key);
    if (kept) return kept;
    const bodyHash = body.slice('/b/'.length, -'.json'.length);
    const widget = await this.dataSource
      .getRepository(WidgetEntity)
      .findOneBy({ id: widgetId, siteId: site.id });
    if (!widget) throw new NotFoundException('widget is not known on this site');
    const [version, content] = await Promise.all([
      this.dataSource
        .getRepository(VersionEntity)
        .findOne({ where: { widgetId, bodyHash }, order: { number: 'DESC' } }),
      this.dataSource.getRepository(BodyEntity).findOneBy({ hash: bodyHash }),
    ]);
    if (!version || !content) throw new NotFoundException('body was never published by this widget');
    const { forms } = JSON.parse(content.content) as CompiledWidget;
    const { name, afterwards } = version.document;
    const seen = { widgetId, name, number: version.number, forms, actions: afterwards.actions };
    if (this.#versions.size >= mostKept) this.#versions.delete(this.#versions.keys().next().value as string);
    this.#versions.set(key, seen);
    return seen;
  }
}

/** What is wrong with the field of a kind, in the language of the form; with its first field where it has none of the kind. */
function faultsOf({ fields, lang }: FormRule, kind: string, key: MessageKey): FieldFault[] {
  const field = fields.find((one) => one.kind === kind) ?? fields[0];
  const message = messagesIn(lang)[key];
  return field ? [{ key: field.key, element: field.element, problem: 'malformed', message }] : [];
}

/** What was entered in the first field of a kind that was answered; of a name in parts, all of them. */
function enteredIn({ fields }: FormRule, values: Readonly<Record<string, string>>, kind: string): string {
  const answered = fields.filter((field) => field.kind === kind && valueAt(values, field.key));
  const parts = answered.filter(({ element }) => element === answered[0]?.element);
  return parts.map(({ key }) => valueAt(values, key)).join(' ');
}

/** The phone numbers of a form as all the world dials them, by field; `null` for one that nobody can be called by. */
const phonesIn = ({ fields }: FormRule, values: Readonly<Record<string, string>>) =>
  new Map(
    fields.flatMap(({ key, kind, country }) => {
      const value = valueAt(values, key) ?? '';
      return kind === 'phone' && value !== '' ? [[key, e164(value, country)] as const] : [];
    }),
  );

/** The first phone number that was sent, as all the world dials it. */
const phoneOf = (fields: readonly SubmittedField[]): string =>
  fields.find(({ phone }) => phone !== undefined)?.phone ?? '';

/** Numbers that nobody can be called by; the page has looked at their characters only. */
const wrongNumbers = ({ fields }: FormRule, phones: ReturnType<typeof phonesIn>): FieldFault[] =>
  fields.flatMap(({ key, element, messages }) =>
    phones.get(key) === null
      ? [{ key, element, problem: 'malformed' as const, message: messages.malformed ?? 'Please check this' }]
      : [],
  );

function refuseFaults(faults: readonly FieldFault[]): void {
  if (faults.length > 0) throw refusalOf(faults);
}

function refusalOf(faults: readonly FieldFault[]): HttpException {
  const [fault] = faults;
  const problems = faults.map(({ key, message }) => ({ path: `values.${key}`, reason: message }));
  return new HttpException(
    { statusCode: 422, message: `values.${fault?.key ?? ''}: ${fault?.message ?? ''}`, problems, faults },
    422,
  );
}

function refuseUnknownFields(rule: FormRule, values: Record<string, unknown>): void {
  const known = new Set(rule.fields.map(({ key }) => key));
  const unknown = Object.keys(values).filter((key) => !known.has(key));
  const [first] = unknown;
  if (first === undefined) return;
  const problems = unknown
    .slice(0, 20)
    .map((key) => ({ path: `values.${key.slice(0, 80)}`, reason: 'is not a known field' }));
  throw new HttpException(
    { statusCode: 400, message: `values.${first.slice(0, 80)} is not a known field`, problems },
    400,
  );
}
