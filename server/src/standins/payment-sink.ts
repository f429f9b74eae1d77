import type { IncomingMessage, ServerResponse } from 'node:http';
import { Inject, Injectable, type OnApplicationShutdown } from '@nestjs/common';
import { Type, type Static } from '@sinclair/typebox';
import { Value } from '@sinclair/typebox/value';
import { DataSource, IsNull, Not } from 'typeorm';
import { CLOCK, CONFIG, type Config, type ServerClock } from '../config.js';
import { statement } from '../database/statements.js';
import { Transactions } from '../database/transactions.js';
import { ServicesService } from '../services/services.service.js';
import { newId } from '../shared/ids.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { SitesService } from '../sites/sites.service.js';
import { webhookHeaders } from '../webhooks/signature.js';
import { answerJson, bodyOf, headerOf, LocalServer, parsedJson } from './local-server.js';
import { paymentPage } from './payment-page.js';
import { TestPaymentEntity } from './standins.entity.js';

const order = Type.Object({
  reference: Type.String({ minLength: 1, maxLength: 100 }),
  amount: Type.Integer({ minimum: 1 }),
  currency: Type.String({ pattern: '^[A-Z]{3}$' }),
  interval: Type.Union([Type.Literal('once'), Type.Literal('month')]),
  description: Type.String({ maxLength: 300 }),
  returnUrl: Type.String({ pattern: '^https?://', maxLength: 2048 }),
  resultUrl: Type.String({ pattern: '^https?://', maxLength: 2048 }),
});

type Outcome = Exclude<TestPaymentEntity['status'], 'open'>;

/** How often results that were not taken are sent again, ms, and how long one may take. */
const againMs = 5000;
const patience = 5000;

/** Works as a payment service does: sessions by a key, a page to pay on, refunds, and results that it signs. No money moves. */
@Injectable()
export class PaymentSink implements OnApplicationShutdown {
  readonly #server = new LocalServer('Payments');

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
    const port = this.config.standinPaymentPort;
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

  /** Sends the results once more that have not been taken yet. */
  async tellAgain(): Promise<void> {
    const untold = await this.#sessions().findBy({ told: IsNull(), status: Not('open') });
    for (const session of untold) await this.#tell(session);
  }

  async #take(request: IncomingMessage, response: ServerResponse): Promise<void> {
    const path = (request.url ?? '').split('?')[0] ?? '';
    const [, pay, id = '', outcome] = /^\/(pay|sessions)(?:\/([\w-]+))?(?:\/([a-z]+))?$/.exec(path) ?? [];
    const key = `${request.method ?? ''} ${pay ?? ''}`;
    if (key === 'GET pay') return this.#page(response, id);
    if (key === 'POST pay') return this.#pay(response, id, outcome ?? '');
    if (key !== 'POST sessions') return answerJson(response, 404, { error: 'not found' });
    const site = await this.services.holderOf('payments', headerOf(request, 'authorization'));
    if (!site) return answerJson(response, 401, { error: 'unknown key' });
    const body = await bodyOf(request);
    if (id === '') return this.#open(response, site, headerOf(request, 'idempotency-key'), body);
    return outcome === 'refunds'
      ? this.#refund(response, site, id)
      : answerJson(response, 404, { error: 'not found' });
  }

  async #open(
    response: ServerResponse,
    site: SiteEntity,
    requestKey: string,
    body: string | null,
  ): Promise<void> {
    const asked = parsedJson(body);
    if (!Value.Check(order, asked) || requestKey === '')
      return answerJson(response, 422, { error: 'the order is not complete' });
    const { reference, amount, currency, interval, description, returnUrl, resultUrl } = asked as Static<
      typeof order
    >;
    await this.transactions.writeBare((database) =>
      statement(
        database,
        `INSERT INTO test_payment
           (id, siteId, requestKey, reference, units, currency, interval, description, returnUrl, resultUrl, status, at)
         VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, 'open', ?) ON CONFLICT (siteId, requestKey) DO NOTHING`,
      ).run(
        ...[newId('session'), site.id, requestKey, reference, amount, currency, interval, description],
        ...[returnUrl, resultUrl, this.clock.now()],
      ),
    );
    const { id } = await this.#sessions().findOneByOrFail({ siteId: site.id, requestKey });
    answerJson(response, 201, { id, url: `${this.url ?? ''}/pay/${id}`, status: 'open' });
  }

  async #page(response: ServerResponse, id: string): Promise<void> {
    const session = await this.#sessions().findOneBy({ id });
    if (!session) return answerJson(response, 404, { error: 'not found' });
    response
      .writeHead(200, { 'content-type': 'text/html; charset=utf-8', 'cache-control': 'no-store' })
      .end(paymentPage(session));
  }

  async #pay(response: ServerResponse, id: string, outcome: string): Promise<void> {
    const isOne = ['paid', 'failed', 'left'].includes(outcome);
    const session = isOne ? await this.#end(id, outcome as Outcome, 'open') : null;
    if (!session) return answerJson(response, 404, { error: 'not found' });
    response.writeHead(303, { location: session.returnUrl }).end();
  }

  async #refund(response: ServerResponse, site: SiteEntity, id: string): Promise<void> {
    const session = await this.#sessions().findOneBy({ id, siteId: site.id });
    if (!session || (session.status !== 'paid' && session.status !== 'refunded'))
      return answerJson(response, 409, { error: 'nothing has been paid' });
    await this.#end(id, 'refunded', 'paid');
    answerJson(response, 201, { status: 'refunded' });
  }

  /** Ends a session that stands so, and tells its site; what it has become by then is what it is. */
  async #end(
    id: string,
    status: Outcome,
    from: TestPaymentEntity['status'],
  ): Promise<TestPaymentEntity | null> {
    await this.transactions.writeBare((database) =>
      statement(database, 'UPDATE test_payment SET status = ?, told = NULL WHERE id = ? AND status = ?').run(
        status,
        id,
        from,
      ),
    );
    const session = await this.#sessions().findOneBy({ id });
    if (session && session.told === null) await this.#tell(session);
    return session;
  }

  async #tell(session: TestPaymentEntity): Promise<void> {
    const site = await this.sites.byId(session.siteId);
    const account = site && (await this.services.of(site, 'payments'));
    if (!account) return;
    const { id, status, reference, units, currency, resultUrl } = session;
    const body = JSON.stringify({
      type: `payment.${status}`,
      data: { session: id, reference, amount: units, currency },
    });
    const message = { id: `${id}-${status}`, timestamp: Math.floor(this.clock.now() / 1000), body };
    const headers = webhookHeaders(message, [account.signingKey]);
    const taken = await fetch(resultUrl, {
      method: 'POST',
      headers: { 'content-type': 'application/json', ...headers },
      body,
      redirect: 'manual',
      signal: AbortSignal.timeout(patience),
    }).then(
      ({ ok }) => ok,
      () => false,
    );
    if (taken)
      await this.transactions.writeBare((database) =>
        statement(database, 'UPDATE test_payment SET told = ? WHERE id = ?').run(this.clock.now(), id),
      );
  }

  #sessions() {
    return this.dataSource.getRepository(TestPaymentEntity);
  }
}
