import { randomBytes } from 'node:crypto';
import type { IncomingMessage, ServerResponse } from 'node:http';
import { Inject, Injectable, type OnApplicationShutdown } from '@nestjs/common';
import { DataSource, IsNull } from 'typeorm';
import { CLOCK, CONFIG, type Config, type ServerClock } from '../config.js';
import { statement } from '../database/statements.js';
import { Transactions } from '../database/transactions.js';
import { ServicesService } from '../services/services.service.js';
import { newId } from '../shared/ids.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { SitesService } from '../sites/sites.service.js';
import { newWebhookKey, webhookHeaders } from '../webhooks/signature.js';
import { answerJson, bodyOf, headerOf, LocalServer, parsedJson } from './local-server.js';
import { messengerPage, refusedPage, textsPage } from './messenger-page.js';
import { TestMessengerEntity, TestTextEntity } from './standins.entity.js';

/** How often what was not taken is sent again, ms, and how long one may take. */
const againMs = 3000;
const patience = 5000;
/** Texts of one person that are shown. */
const most = 200;

/** Works as a messenger does: a channel by a key, a page to write on, texts that it signs, and allowed domains. */
@Injectable()
export class MessengerSink implements OnApplicationShutdown {
  readonly #server = new LocalServer('Messenger');

  constructor(
    @Inject(CONFIG) private readonly config: Config,
    private readonly dataSource: DataSource,
    private readonly transactions: Transactions,
    private readonly sites: SitesService,
    private readonly services: ServicesService,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /** Starts to listen, where it is set up. Rejected when the port is taken. */
  async start(): Promise<void> {
    const port = this.config.standinMessengerPort;
    if (port === null) return;
    await this.#server.start(port, (request, response) => this.#take(request, response));
    this.#server.every(againMs, () => this.tellAgain());
  }

  onApplicationShutdown(): Promise<void> {
    return this.#server.stop();
  }

  get url(): string | null {
    return this.#server.url;
  }

  /** The page on which somebody writes to a site. */
  linkOf({ key }: Pick<SiteEntity, 'key'>): string {
    return `${this.url ?? ''}/chat/${key}`;
  }

  /** How a site's channel is set. */
  async settingsOf(site: SiteEntity): Promise<Omit<TestMessengerEntity, 'siteId'>> {
    const found = await this.dataSource.getRepository(TestMessengerEntity).findOneBy({ siteId: site.id });
    return (
      found ?? {
        webhookUrl: `${this.config.origin}/p/${site.key}/messenger`,
        domains: site.origins,
        behaviour: 'works',
      }
    );
  }

  /** Sets a site's channel. */
  async set(site: SiteEntity, settings: Omit<TestMessengerEntity, 'siteId'>): Promise<void> {
    await this.transactions.write((manager) =>
      manager.save(TestMessengerEntity, { siteId: site.id, ...settings }),
    );
  }

  /** Writes to a site as somebody would; resolved once it has been sent on, whether or not it was taken. */
  async write(
    site: SiteEntity,
    {
      contact,
      name,
      text,
      ref,
      page,
    }: { contact: string; name: string; text: string; ref: string; page: string },
  ): Promise<void> {
    const one = { id: newId('text'), siteId: site.id, contact, name, ref, text, at: this.clock.now() };
    await this.transactions.write((manager) =>
      manager.insert(TestTextEntity, { ...one, fromSite: 0, requestKey: null, told: null }),
    );
    await this.#tell(site, { ...one, page });
  }

  /** Sends on once more what has not been taken yet. */
  async tellAgain(): Promise<void> {
    for (const text of await this.#texts().findBy({ told: IsNull() })) {
      const site = await this.sites.byId(text.siteId);
      if (site) await this.#tell(site, text);
    }
  }

  async #take(request: IncomingMessage, response: ServerResponse): Promise<void> {
    const url = new URL(request.url ?? '/', 'http://standin');
    const [, chat, key = '', contact = '', texts] =
      /^\/(chat)\/([\w-]+)(?:\/([\w-]+))?(\/texts)?$/.exec(url.pathname) ?? [];
    if (chat) return this.#page(request, response, url, { key, contact, isTexts: texts !== undefined });
    const site = await this.services.holderOf('messenger', headerOf(request, 'authorization'));
    const asked = `${request.method ?? ''} ${url.pathname}`;
    if (!['GET /channel', 'POST /messages', 'POST /test-event'].includes(asked))
      return answerJson(response, 404, { error: 'not found' });
    if (!site) return answerJson(response, 401, { error: 'unknown key' });
    const settings = await this.settingsOf(site);
    if (settings.behaviour === 'down') return answerJson(response, 503, { error: 'not available' });
    if (asked === 'POST /messages') return this.#receive(request, response, site);
    if (asked === 'POST /test-event') {
      const id = newId('event');
      const status = await this.#call(site, id, { type: 'channel.test' });
      return answerJson(response, 200, { id, status });
    }
    const { webhookUrl, domains } = settings;
    answerJson(response, 200, {
      id: site.key,
      name: site.name,
      link: this.linkOf(site),
      webhookUrl,
      domains,
    });
  }

  async #receive(request: IncomingMessage, response: ServerResponse, site: SiteEntity): Promise<void> {
    const requestKey = headerOf(request, 'idempotency-key');
    const { to, text } = (parsedJson(await bodyOf(request)) ?? {}) as { to?: unknown; text?: unknown };
    if (typeof to !== 'string' || typeof text !== 'string' || text === '' || requestKey === '')
      return answerJson(response, 422, { error: 'the message is not complete' });
    if (!(await this.#texts().existsBy({ siteId: site.id, contact: to })))
      return answerJson(response, 404, { error: 'nobody of this id has written' });
    const now = this.clock.now();
    await this.transactions.writeBare((database) =>
      statement(
        database,
        `INSERT INTO test_text (id, siteId, contact, name, ref, fromSite, text, at, requestKey, told)
         VALUES (?, ?, ?, '', '', 1, ?, ?, ?, ?) ON CONFLICT DO NOTHING`,
      ).run(newId('text'), site.id, to, text, now, requestKey, now),
    );
    answerJson(response, 202, { status: 'sent' });
  }

  async #page(
    request: IncomingMessage,
    response: ServerResponse,
    url: URL,
    { key, contact, isTexts }: { key: string; contact: string; isTexts: boolean },
  ): Promise<void> {
    const site = await this.sites.byKey(key).catch(() => null);
    if (!site) return answerJson(response, 404, { error: 'not found' });
    const html = (page: string) =>
      response
        .writeHead(200, { 'content-type': 'text/html; charset=utf-8', 'cache-control': 'no-store' })
        .end(page);
    const origin = originOf(url.searchParams.get('page') ?? '');
    if (origin !== null && !(await this.settingsOf(site)).domains.includes(origin)) {
      html(refusedPage(origin));
      return;
    }
    const own = `/chat/${key}/${contact || randomBytes(8).toString('hex')}`;
    const back = (path: string) => void response.writeHead(303, { location: path + url.search }).end();
    if (contact === '') return back(own);
    if (request.method === 'POST') {
      const given = new URLSearchParams((await bodyOf(request)) ?? '');
      const text = (given.get('text') ?? '').trim().slice(0, 1000);
      const first = await this.#texts().findOneBy({ siteId: site.id, contact, fromSite: 0 });
      const name = first?.name ?? (given.get('name') ?? '').trim().slice(0, 100);
      const [ref, page] = ['ref', 'page'].map((one) => (url.searchParams.get(one) ?? '').slice(0, 2000)) as [
        string,
        string,
      ];
      if (text) await this.write(site, { contact, name: name || 'Somebody', text, ref, page });
      return back(own);
    }
    const texts = await this.#texts().find({
      where: { siteId: site.id, contact },
      order: { at: 'ASC', id: 'ASC' },
      take: most,
    });
    html(
      isTexts
        ? textsPage(texts)
        : messengerPage(site.name, { path: own, search: url.search, isFirst: texts.length === 0 }),
    );
  }

  async #tell(
    site: SiteEntity,
    {
      id,
      contact,
      name,
      text,
      ref,
      page = '',
    }: Pick<TestTextEntity, 'id' | 'contact' | 'name' | 'text' | 'ref'> & {
      page?: string;
    },
  ): Promise<void> {
    const from = { id: contact, name };
    const data = { id, from, text, ...(ref !== '' && { ref }), ...(page !== '' && { page }) };
    const status = await this.#call(site, id, { type: 'message.received', data });
    if (status === 204)
      await this.transactions.writeBare((database) =>
        statement(database, 'UPDATE test_text SET told = ? WHERE id = ?').run(this.clock.now(), id),
      );
  }

  /** Calls the webhook; what it answered, 0 where it did not. */
  async #call(site: SiteEntity, id: string, event: object): Promise<number> {
    const account = await this.services.of(site, 'messenger');
    const { webhookUrl, behaviour } = await this.settingsOf(site);
    // It calls this server and no other: who sets it reaches nothing else by it.
    const isOwn = originOf(webhookUrl) === new URL(this.config.origin).origin;
    if (!account || behaviour === 'down' || !isOwn) return 0;
    const body = JSON.stringify(event);
    const key = behaviour === 'wrong signature' ? newWebhookKey() : account.signingKey;
    const message = { id, timestamp: Math.floor(this.clock.now() / 1000), body };
    return fetch(webhookUrl, {
      method: 'POST',
      headers: { 'content-type': 'application/json', ...webhookHeaders(message, [key]) },
      body,
      redirect: 'manual',
      signal: AbortSignal.timeout(patience),
    }).then(
      ({ status }) => status,
      () => 0,
    );
  }

  #texts() {
    return this.dataSource.getRepository(TestTextEntity);
  }
}

/** The origin of an address; `null` where it is none. */
const originOf = (address: string): string | null => (URL.canParse(address) ? new URL(address).origin : null);
