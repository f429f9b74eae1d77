import { setImmediate } from 'node:timers/promises';
import { Inject, Injectable, Logger, NotFoundException, type OnApplicationShutdown } from '@nestjs/common';
import { follows, type Action } from '@sirene/core/actions';
import { valueAt } from '@sirene/core/base/maps';
import type { Database } from 'better-sqlite3';
import { DataSource } from 'typeorm';
import { CLOCK, type ServerClock } from '../config.js';
import { Connection } from '../database/connection.js';
import { GroupWriter } from '../database/group-writer.js';
import { statement } from '../database/statements.js';
import { Transactions } from '../database/transactions.js';
import { PersonEntity, SubmissionEntity } from '../people/people.entity.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { SitesService } from '../sites/sites.service.js';
import { DeliveryEntity } from './actions.entity.js';
import { waitAfter } from './backoff.js';
import { Breaker } from './breaker.js';
import { DueDeliveries, type Due } from './due-deliveries.js';
import { Unwanted, type ActionHandler, type Asked, type Sent, type Verdict } from './handler.js';
import type { Handlers } from './handlers/registry.js';
import { HANDLERS } from './handlers/token.js';
import { Rush } from './rush.js';
import type { NewDelivery } from './write-deliveries.js';

/** What is to follow a submission, of an action that there is. */
export interface TypedDelivery extends NewDelivery {
  type: Action['type'];
  settings: Record<string, unknown>;
}

/** Deliveries under way at once: in all, and those that one target has not answered yet. A dozen that hang leave room for others. */
const most = { all: 200, target: 16 };
const roundMs = 1000;

const selectWaiting = `SELECT * FROM delivery WHERE id = ? AND state = 'waiting'`;
const updateTried =
  'UPDATE delivery SET attempts = ?, state = ?, lastAt = ?, lastError = ?, dueAt = ? WHERE id = ?';

/** The outbox: what has to follow a submission, tried until it is done. */
@Injectable()
export class OutboxService implements OnApplicationShutdown {
  readonly #logger = new Logger('Outbox');
  #timer: NodeJS.Timeout | undefined;
  #isOver = false;
  /** Deliveries that have begun and are not written down yet, by their ids. */
  readonly #underWay = new Map<string, Promise<void>>();
  /** How many each target has not answered yet. */
  readonly #asked = new Map<string, number>();
  /** What follows those that are done next, all of them together. */
  #following: Promise<void> | undefined;
  readonly #due = new DueDeliveries();
  readonly #breaker = new Breaker();
  readonly #rush = new Rush();

  constructor(
    private readonly dataSource: DataSource,
    private readonly connection: Connection,
    private readonly transactions: Transactions,
    private readonly groups: GroupWriter,
    private readonly sites: SitesService,
    @Inject(HANDLERS) private readonly handlers: Handlers,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /** Starts looking for what is due, once a second. */
  start(): void {
    this.#timer ??= setInterval(() => {
      this.runDue().catch((error: unknown) => this.#logger.error(error));
    }, roundMs).unref();
  }

  async onApplicationShutdown(): Promise<void> {
    clearInterval(this.#timer);
    this.#isOver = true;
    await Promise.all(this.#underWay.values());
  }

  /** What is to follow a submission with these actions. */
  following(actions: readonly Action[], sent: Sent): TypedDelivery[] {
    return actions
      .filter((action) => follows(action, sent.answers, sent.form))
      .flatMap((action) =>
        this.#handler(action)
          .targets(action, sent)
          .map((one) => ({ type: action.type, ...one })),
      );
  }

  /** Whether something has to be there the moment that the submission is. */
  hasAtOnce(deliveries: readonly TypedDelivery[]): boolean {
    return deliveries.some(({ type }) => this.handlers[type].atOnce);
  }

  /** Makes what has to be there the moment that the submission is; called inside the transaction that stores it. */
  atOnce(
    database: Database,
    siteId: string,
    submissionId: string,
    deliveries: readonly TypedDelivery[],
  ): void {
    for (const { type, settings } of deliveries)
      this.handlers[type].atOnce?.(database, siteId, submissionId, settings);
  }

  /** Visitors send something, now: while many do, what follows waits. */
  came(): void {
    this.#rush.came(this.clock.now());
  }

  /** What an outside service says of a form before it counts as sent; `null` where none is asked. */
  async decide(
    site: SiteEntity,
    actions: readonly Action[],
    { answers, form }: Pick<Sent, 'answers' | 'form'>,
    asked: Asked,
  ): Promise<Verdict | null> {
    const deciding = actions.find((action) => this.#handler(action).decide && follows(action, answers, form));
    return deciding ? ((await this.#handler(deciding).decide?.(deciding, site, asked)) ?? null) : null;
  }

  /** Where the visitor goes on to after a submission with these actions; `null` where nowhere else than the widget says. */
  async next(site: SiteEntity, submissionId: string, actions: readonly Action[]): Promise<string | null> {
    const types = new Set(actions.map(({ type }) => type));
    for (const type of types) {
      const next = await this.handlers[type].next?.(site, submissionId);
      if (next) return next;
    }
    return null;
  }

  /** Begins to try what is due now, and waits for it and for what followed it; what is under way already is not tried twice. */
  async runDue(): Promise<void> {
    this.#due.forget();
    await this.#go();
  }

  /** Makes a delivery due now, whatever became of it. */
  async repeat(site: SiteEntity, id: string): Promise<DeliveryEntity> {
    const delivery = await this.dataSource.getRepository(DeliveryEntity).findOneBy({ id, siteId: site.id });
    if (!delivery) throw new NotFoundException('There is no such delivery.');
    this.#breaker.succeeded(delivery.target);
    return this.transactions.write((manager) =>
      manager.save(DeliveryEntity, {
        ...delivery,
        state: 'waiting',
        attempts: 0,
        dueAt: this.clock.now(),
        lastError: null,
      }),
    );
  }

  /** Makes every delivery of a site that failed due now. Returns how many those are. */
  repeatFailed(site: SiteEntity): Promise<number> {
    this.#breaker.forget();
    return this.groups.add(
      (database) =>
        statement(
          database,
          `UPDATE delivery SET state = 'waiting', attempts = 0, dueAt = ?, lastError = NULL
           WHERE siteId = ? AND state = 'failed'`,
        ).run(this.clock.now(), site.id).changes,
    );
  }

  /** Begins what is due and has room: of all, and of its target. */
  async #go(): Promise<void> {
    const now = this.clock.now();
    const isFull = (target: string) =>
      (this.#asked.get(target) ?? 0) >= Math.min(most.target, this.#breaker.room(target, now));
    const full = new Set([...this.#asked.keys(), ...this.#breaker.targets()].filter(isFull));
    const begun: Promise<void>[] = [];
    while (!this.#isOver && this.#underWay.size < most.all && this.#rush.isRoom(now)) {
      const due = this.#due.next(this.connection.bare, full, now);
      if (!due) break;
      if (this.#underWay.has(due.id)) continue;
      this.#rush.begun();
      begun.push(this.#begin(due));
      if (isFull(due.target)) full.add(due.target);
    }
    await Promise.all(begun);
  }

  #handler({ type }: Action): ActionHandler {
    return this.handlers[type] as ActionHandler;
  }

  async #begin({ id, target }: Due): Promise<void> {
    this.#asked.set(target, (this.#asked.get(target) ?? 0) + 1);
    let followed: Promise<void> | undefined;
    const answered = () => {
      const left = (this.#asked.get(target) ?? 0) - 1;
      if (left > 0) this.#asked.set(target, left);
      else this.#asked.delete(target);
      // What waited for its room follows at once: a backlog goes as fast as its target takes it.
      if (this.#due.isLeft) followed = this.#following ??= this.#follow();
    };
    const done = this.#try(id, answered)
      .catch((error: unknown) => this.#logger.error(error))
      .finally(() => this.#underWay.delete(id));
    this.#underWay.set(id, done);
    await done;
    await followed;
  }

  async #follow(): Promise<void> {
    // Those that are answered together are followed together.
    await setImmediate();
    this.#following = undefined;
    await this.#go();
  }

  async #try(id: string, answered: () => void): Promise<void> {
    const delivery = this.#waiting(id);
    const outcome = delivery ? await this.#attempt(delivery) : null;
    answered();
    if (!delivery) return;
    const attempts = delivery.attempts + 1;
    const now = this.clock.now();
    const wait = outcome === null || outcome.final ? null : waitAfter(attempts, delivery.id);
    // A target that wants no more of them has answered.
    if (outcome === null || outcome.final) this.#breaker.succeeded(delivery.target);
    else this.#breaker.failed(delivery.target, now);
    const state = outcome === null ? 'sent' : wait === null ? 'failed' : 'waiting';
    await this.groups.add((database) =>
      statement(database, updateTried).run(
        attempts,
        state,
        now,
        outcome?.reason ?? null,
        now + (wait ?? 0),
        delivery.id,
      ),
    );
  }

  // It may have been erased with its person since it was looked at.
  #waiting(id: string): DeliveryEntity | undefined {
    const row = statement(this.connection.bare, selectWaiting).get(id) as
      (Omit<DeliveryEntity, 'settings'> & { settings: string }) | undefined;
    return row && { ...row, settings: JSON.parse(row.settings) as DeliveryEntity['settings'] };
  }

  /** What went wrong, or `null` when it was taken. */
  async #attempt(delivery: DeliveryEntity): Promise<{ reason: string; final: boolean } | null> {
    try {
      const { siteId, submissionId } = delivery;
      const submission = await this.dataSource
        .getRepository(SubmissionEntity)
        .findOneByOrFail({ siteId, id: submissionId });
      const { personId } = submission;
      const person = personId
        ? await this.dataSource.getRepository(PersonEntity).findOneBy({ id: personId })
        : null;
      const site = await this.sites.byId(siteId);
      const handler = valueAt(this.handlers, delivery.type);
      if (!handler || !site) throw new Error(`Nothing here can do "${delivery.type}".`);
      await handler.run({ delivery, submission, person, site });
      return null;
    } catch (error) {
      const reason = (error instanceof Error ? error.message : String(error)).slice(0, 500);
      return { reason, final: error instanceof Unwanted };
    }
  }
}
