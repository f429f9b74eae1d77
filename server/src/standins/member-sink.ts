import type { IncomingMessage, ServerResponse } from 'node:http';
import { Inject, Injectable, type OnApplicationShutdown } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { checkPassword, hashPassword } from '../accounts/password.js';
import { newToken } from '../accounts/tokens.js';
import { Identities } from '../chat/identities.js';
import { CLOCK, CONFIG, type Config, type ServerClock } from '../config.js';
import { statement } from '../database/statements.js';
import { Transactions } from '../database/transactions.js';
import { Mailer, siteHeader } from '../mail/mailer.js';
import { ServicesService } from '../services/services.service.js';
import { newId } from '../shared/ids.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { SitesService } from '../sites/sites.service.js';
import { answerJson, bodyOf, headerOf, LocalServer, parsedJson } from './local-server.js';
import { passwordPage } from './password-page.js';
import { TestMemberEntity } from './standins.entity.js';

/** The one member whom every site has, so that signing in can be tried at once. */
export const firstMember = { email: 'member@circle.example', password: 'moonlight', name: 'Ada Fenwick' };

const shortest = 8;
/** Wrong passwords that one address may have within so long, ms, before it has to wait. */
const most = 10;
const windowMs = 900_000;
/** How long a code and a link are good for, ms. */
const codeMs = 60_000;
const linkMs = 3_600_000;
/** How long a token is good for, ms. */
const tokenMs = 12 * 3_600_000;

interface Asked {
  name?: unknown;
  email?: unknown;
  password?: unknown;
}

const text = (value: unknown): string => (typeof value === 'string' ? value.slice(0, 300) : '');

/** Works as a member service does: signs in, registers, sends links for another password, and says by a code who came in. */
@Injectable()
export class MemberSink implements OnApplicationShutdown {
  readonly #server = new LocalServer('Members');
  readonly #codes = new Map<
    string,
    { siteId: string; member: { id: string; name: string; email: string }; until: number }
  >();
  readonly #links = new Map<string, { id: string; until: number }>();
  readonly #wrong = new Map<string, number[]>();

  constructor(
    @Inject(CONFIG) private readonly config: Config,
    private readonly dataSource: DataSource,
    private readonly transactions: Transactions,
    private readonly services: ServicesService,
    private readonly mailer: Mailer,
    private readonly sites: SitesService,
    private readonly identities: Identities,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /** Starts to listen, where it is set up. Rejected when the port is taken. */
  async start(): Promise<void> {
    const port = this.config.standinMemberPort;
    if (port !== null) await this.#server.start(port, (request, response) => this.#take(request, response));
  }

  onApplicationShutdown(): Promise<void> {
    return this.#server.stop();
  }

  get url(): string | null {
    return this.#server.url;
  }

  /** The members of a site, the newest first, and the one whom every site has. */
  async membersOf(siteId: string): Promise<TestMemberEntity[]> {
    await this.#withFirst(siteId);
    return this.dataSource
      .getRepository(TestMemberEntity)
      .find({ where: { siteId }, order: { at: 'DESC' }, take: 100 });
  }

  async #take(request: IncomingMessage, response: ServerResponse): Promise<void> {
    const [path = ''] = (request.url ?? '').split('?');
    const [, open, token = ''] = /^\/(codes|password)\/([\w-]+)$/.exec(path) ?? [];
    if (open === 'codes') return this.#code(response, token);
    if (open === 'password') return this.#password(request, response, token);
    const site = await this.services.holderOf('members', headerOf(request, 'authorization'));
    if (!site) return answerJson(response, 401, { error: 'unknown key' });
    const asked = parsedJson(await bodyOf(request)) as Asked | null;
    const [email, password] = [text(asked?.email).trim(), text(asked?.password)];
    await this.#withFirst(site.id);
    if (path === '/sign-in') return this.#signIn(response, site, email, password);
    if (path === '/register')
      return this.#register(response, site, {
        ...{ email, password, name: text(asked?.name).trim() },
        requestKey: headerOf(request, 'idempotency-key').slice(0, 100),
      });
    if (path === '/reset') return this.#reset(response, site, email);
    answerJson(response, 404, { error: 'not found' });
  }

  async #signIn(response: ServerResponse, site: SiteEntity, email: string, password: string): Promise<void> {
    const who = `${site.id} ${email.toLowerCase()}`;
    const now = this.clock.now();
    const wrong = (this.#wrong.get(who) ?? []).filter((at) => now - at < windowMs);
    if (wrong.length >= most) return answerJson(response, 429, { error: 'too many attempts' });
    const member = await this.#find(site.id, email);
    if (!(await checkPassword(password, member?.password ?? null)) || !member) {
      this.#wrong.set(who, [...wrong, now]);
      return answerJson(response, 403, { error: 'wrong' });
    }
    this.#wrong.delete(who);
    this.#welcome(response, 200, member);
  }

  async #register(
    response: ServerResponse,
    site: SiteEntity,
    {
      email,
      name,
      password,
      requestKey,
    }: { email: string; name: string; password: string; requestKey: string },
  ): Promise<void> {
    const known = await this.#find(site.id, email);
    // Asked once more, as the answer may have been lost on the way.
    if (known && requestKey !== '' && known.requestKey === requestKey)
      return this.#welcome(response, 201, known);
    if (known) return answerJson(response, 409, { error: 'taken' });
    if (password.length < shortest || email === '') return answerJson(response, 422, { error: 'weak' });
    await this.#add(site.id, { email, name: name || email, password, requestKey });
    const made = await this.#find(site.id, email);
    if (made) this.#welcome(response, 201, made);
  }

  /** Says the same whoever asks, so that nobody learns who is a member. */
  async #reset(response: ServerResponse, site: SiteEntity, email: string): Promise<void> {
    const member = await this.#find(site.id, email);
    answerJson(response, 202, {});
    if (!member) return;
    const token = newToken();
    this.#links.set(token, { id: member.id, until: this.clock.now() + linkMs });
    await this.mailer.send(
      {
        to: { name: member.name, address: member.email },
        subject: 'Your new password',
        text: `Choose a new password here within an hour:\n\n${this.url ?? ''}/password/${token}\n\nIf it was not you, do nothing.`,
        headers: { [siteHeader]: site.id },
      },
      site.name,
    );
  }

  #welcome(response: ServerResponse, status: number, { id, siteId, name, email }: TestMemberEntity): void {
    const code = newToken();
    this.#codes.set(code, { siteId, member: { id, name, email }, until: this.clock.now() + codeMs });
    answerJson(response, status, { code, member: { id, name } });
  }

  /** Who came in by a code, once: the pages of the site ask. With it goes the token that a client's server would sign. */
  async #code(response: ServerResponse, code: string): Promise<void> {
    const found = this.#codes.get(code);
    this.#codes.delete(code);
    response.setHeader('access-control-allow-origin', '*');
    if (!found || found.until < this.clock.now()) return answerJson(response, 404, { error: 'not found' });
    const site = await this.sites.byId(found.siteId);
    const until = this.clock.now() + tokenMs;
    const token = site && (await this.identities.vouchFor(site, found.member, until));
    answerJson(response, 200, { ...found.member, ...(token && { token, until }) });
  }

  async #password(request: IncomingMessage, response: ServerResponse, token: string): Promise<void> {
    const link = this.#links.get(token);
    const isGood = link !== undefined && link.until >= this.clock.now();
    const body = request.method === 'POST' ? await bodyOf(request) : null;
    const password = new URLSearchParams(body ?? '').get('password') ?? '';
    const isSet = isGood && password.length >= shortest;
    if (isSet) {
      this.#links.delete(token);
      const hash = await hashPassword(password);
      await this.transactions.writeBare((database) =>
        statement(database, 'UPDATE test_member SET password = ? WHERE id = ?').run(hash, link.id),
      );
    }
    const state = isSet ? 'set' : isGood ? (body === null ? 'asked' : 'short') : 'gone';
    response
      .writeHead(isGood ? 200 : 404, {
        'content-type': 'text/html; charset=utf-8',
        'cache-control': 'no-store',
      })
      .end(passwordPage(state, shortest));
  }

  #find(siteId: string, email: string): Promise<TestMemberEntity | null> {
    return this.dataSource.getRepository(TestMemberEntity).findOneBy({ siteId, email });
  }

  async #withFirst(siteId: string): Promise<void> {
    if (!(await this.#find(siteId, firstMember.email)))
      await this.#add(siteId, { ...firstMember, requestKey: '' });
  }

  async #add(
    siteId: string,
    {
      email,
      name,
      password,
      requestKey,
    }: { email: string; name: string; password: string; requestKey: string },
  ): Promise<void> {
    const hash = await hashPassword(password);
    await this.transactions.writeBare((database) =>
      statement(
        database,
        `INSERT INTO test_member (id, siteId, email, name, password, requestKey, at) VALUES (?, ?, ?, ?, ?, ?, ?)
           ON CONFLICT (siteId, email) DO NOTHING`,
      ).run(newId('tm'), siteId, email, name, hash, requestKey, this.clock.now()),
    );
  }
}
