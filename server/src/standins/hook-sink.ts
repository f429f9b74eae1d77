import type { IncomingMessage, ServerResponse } from 'node:http';
import { Inject, Injectable, type OnApplicationShutdown } from '@nestjs/common';
import { CLOCK, CONFIG, type Config, type ServerClock } from '../config.js';
import { statement } from '../database/statements.js';
import { GroupWriter } from '../database/group-writer.js';
import { SitesService } from '../sites/sites.service.js';
import { WebhooksService } from '../webhooks/webhooks.service.js';
import { bodyOf, headerOf, LocalServer } from './local-server.js';

export const hookBehaviours = ['ok', 'fail', 'slow', 'gone'] as const;
export type HookBehaviour = (typeof hookBehaviours)[number];

const answers: Readonly<Record<HookBehaviour, number>> = { ok: 204, fail: 500, slow: 204, gone: 410 };
/** How long the slow one takes, ms: longer than a delivery waits. */
const slowMs = 30_000;

/** A receiver of webhooks that checks their signatures, keeps what it is given, and can be told to misbehave. */
@Injectable()
export class HookSink implements OnApplicationShutdown {
  readonly #server = new LocalServer('Webhooks');
  readonly #behaviours = new Map<string, HookBehaviour>();
  readonly #timers = new Set<NodeJS.Timeout>();

  constructor(
    @Inject(CONFIG) private readonly config: Config,
    private readonly groups: GroupWriter,
    private readonly sites: SitesService,
    private readonly webhooks: WebhooksService,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /** Starts to listen, where it is set up. Rejected when the port is taken. */
  start(): Promise<void> {
    const port = this.config.standinHookPort;
    if (port === null) return Promise.resolve();
    return this.#server.start(port, (request, response) => this.#take(request, response));
  }

  async onApplicationShutdown(): Promise<void> {
    for (const timer of this.#timers) clearTimeout(timer);
    await this.#server.stop();
  }

  /** Where a site's webhooks are received; `null` where nobody listens. */
  urlOf(key: string): string | null {
    const { url } = this.#server;
    return url === null ? null : `${url}/${key}`;
  }

  behaviourOf(siteId: string): HookBehaviour {
    return this.#behaviours.get(siteId) ?? 'ok';
  }

  behave(siteId: string, behaviour: HookBehaviour): void {
    this.#behaviours.set(siteId, behaviour);
  }

  async #take(request: IncomingMessage, response: ServerResponse): Promise<void> {
    const site = await this.sites.byKey((request.url ?? '').slice(1)).catch(() => null);
    if (!site || request.method !== 'POST') return void response.writeHead(404).end();
    const body = await bodyOf(request);
    if (body === null) return void response.writeHead(413).end();
    const header = (name: string) => headerOf(request, name);
    const message = { id: header('webhook-id'), timestamp: Number(header('webhook-timestamp')), body };
    const genuine = this.webhooks.isGenuine(site, message, header('webhook-signature'));
    const behaviour = this.behaviourOf(site.id);
    const status = genuine ? answers[behaviour] : 401;
    await this.groups.add((database) =>
      statement(
        database,
        `INSERT INTO test_hook (siteId, id, body, genuine, times, answered, lastAt) VALUES (?, ?, ?, ?, 1, ?, ?)
           ON CONFLICT (siteId, id) DO UPDATE SET
             times = times + 1, answered = excluded.answered, genuine = excluded.genuine, lastAt = excluded.lastAt`,
      ).run(site.id, message.id.slice(0, 100), body, Number(genuine), status, this.clock.now()),
    );
    const answer = () => response.writeHead(status).end();
    if (behaviour !== 'slow') return void answer();
    const timer = setTimeout(() => {
      this.#timers.delete(timer);
      answer();
    }, slowMs).unref();
    this.#timers.add(timer);
  }
}
