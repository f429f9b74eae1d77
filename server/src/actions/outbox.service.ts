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
import { Unwanted, type ActionHandler, type Asked, type Sent, type Verdict } from './handler.js';
import type { Handlers } from './handlers/registry.js';
import { HANDLERS } from './handlers/token.js';
import { writeDeliveries } from './write-deliveries.js';

/** Deliveries under way at once: in all, and to one target, so that a slow one leaves room for the others. */
const most = { all: 40, target: 10 };
/** Deliveries looked at together. */
const looked = 400;
const roundMs = 1000;

// In the order in which it was written. What has not been tried yet is due whatever the clock says, and so is what was
// last tried at a time to come: a clock that was set back holds up nothing.
const selectDue = `SELECT * FROM delivery
  WHERE state = 'waiting' AND (attempts = 0 OR dueAt <= @now OR lastAt > @now)
    AND target NOT IN (SELECT value FROM json_each(@full))
  ORDER BY attempts, rowid LIMIT ${looked}`;

/** The outbox: what has to follow a submission, tried until it is done. */
@Injectable()
export class OutboxService implements OnApplicationShutdown {
  readonly #logger = new Logger('Outbox');
  #timer: NodeJS.Timeout | undefined;
  #isOver = false;
  readonly #underWay = new Map<string, { target: string; done: Promise<void> }>();
  /** What follows those that are done next, all of them together. */
  #following: Promise<void> | undefined;
  /** More is due than there was room for. */
  #isMore = false;
  readonly #breaker = new Breaker();

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
    await Promise.all([...this.#underWay.values()].map(({ done }) => done));
  }

  /** Writes the rows of a submission's actions; called inside the transaction that stores the submission. */
  enqueue(
    database: Database,
    siteId: string,
    submissionId: string,
    actions: readonly Action[],
    sent: Sent,
    now: number,
  ): void {
    const following = actions.filter((action) => follows(action, sent.answers, sent.form));
    const deliveries = following.flatMap((action) =>
      this.#handler(action)
        .targets(action, sent)
        .map((one) => ({ type: action.type, ...one })),
    );
    writeDeliveries(database, { siteId, submissionId }, deliveries, now);
    for (const { type, settings } of deliveries)
      this.handlers[type].atOnce?.(database, siteId, submissionId, settings);
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
    if (this.#isOver) return;
    await Promise.all(this.#chosen().map((delivery) => this.#begin(delivery)));
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

  /** What is due and has room: of all, and of its target. */
  #chosen(): DeliveryEntity[] {
    const busy = new Map<string, number>();
    for (const { target } of this.#underWay.values()) busy.set(target, (busy.get(target) ?? 0) + 1);
    const now = this.clock.now();
    const roomOf = (target: string) =>
      Math.min(most.target, this.#breaker.room(target, now)) - (busy.get(target) ?? 0);
    const full = new Set([...busy.keys(), ...this.#breaker.targets()].filter((one) => roomOf(one) <= 0));
    const chosen: DeliveryEntity[] = [];
    const hasRoom = () => this.#underWay.size + chosen.length < most.all;
    this.#isMore = !hasRoom() || full.size > 0;
    let due: DeliveryEntity[] | undefined;
    // The many of a target that has no room left hide those of others: they are left out of the next look.
    while (hasRoom() && (!due || due.length === looked)) {
      due = this.#due(full, now);
      for (const delivery of due) {
        const { id, target } = delivery;
        if (!hasRoom() || roomOf(target) <= 0) {
          this.#isMore = true;
          full.add(target);
        } else if (!this.#underWay.has(id)) {
          busy.set(target, (busy.get(target) ?? 0) + 1);
          chosen.push(delivery);
        }
      }
    }
    return chosen;
  }

  #handler({ type }: Action): ActionHandler {
    return this.handlers[type] as ActionHandler;
  }

  async #begin(delivery: DeliveryEntity): Promise<void> {
    const { id, target } = delivery;
    const done = this.#try(delivery)
      .catch((error: unknown) => this.#logger.error(error))
      .finally(() => this.#underWay.delete(id));
    this.#underWay.set(id, { target, done });
    await done;
    // What waited for its room follows at once: a backlog goes as fast as its target takes it.
    if (this.#isMore) await (this.#following ??= this.#follow());
  }

  async #follow(): Promise<void> {
    // Those that are written together are done together.
    await setImmediate();
    this.#following = undefined;
    await this.runDue();
  }

  #due(full: ReadonlySet<string>, now: number): DeliveryEntity[] {
    const rows = statement(this.connection.bare, selectDue).all({ now, full: JSON.stringify([...full]) });
    return (rows as (Omit<DeliveryEntity, 'settings'> & { settings: string })[]).map((row) => ({
      ...row,
      settings: JSON.parse(row.settings) as DeliveryEntity['settings'],
    }));
  }

  async #try(delivery: DeliveryEntity): Promise<void> {
    const attempts = delivery.attempts + 1;
    const outcome = await this.#attempt(delivery);
    const now = this.clock.now();
    const wait = outcome === null || outcome.final ? null : waitAfter(attempts, delivery.id);
    // A target that wants no more of them has answered.
    if (outcome === null || outcome.final) this.#breaker.succeeded(delivery.target);
    else this.#breaker.failed(delivery.target, now);
    const state = outcome === null ? 'sent' : wait === null ? 'failed' : 'waiting';
    const update =
      'UPDATE delivery SET attempts = ?, state = ?, lastAt = ?, lastError = ?, dueAt = ? WHERE id = ?';
    await this.groups.add((database) =>
      statement(database, update).run(
        attempts,
        state,
        now,
        outcome?.reason ?? null,
        now + (wait ?? 0),
        delivery.id,
      ),
    );
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
