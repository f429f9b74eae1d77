import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { NestFastifyApplication } from '@nestjs/platform-fastify';
import { createWidget, type WidgetDocument } from '@sirene/core/document/widget';
import { createElement } from '@sirene/core/document/elements';
import { AccountsService, demoUser } from '../accounts/accounts.service.js';
import { createApp, describeApi } from '../app.js';
import type { Config } from '../config.js';
import { HookSink } from '../standins/hook-sink.js';
import { MemberSink } from '../standins/member-sink.js';
import { MessengerSink } from '../standins/messenger-sink.js';
import { PaymentSink } from '../standins/payment-sink.js';
import { MailSink } from '../standins/mail-sink.js';
import { described } from './described.js';

/** A clock that tests set. */
export class TestClock {
  constructor(public time = Date.UTC(2026, 10, 24, 12)) {}
  now = () => this.time;
  pass(ms: number): void {
    this.time += ms;
  }
}

export interface Answer {
  status: number;
  // eslint-disable-next-line @typescript-eslint/no-explicit-any -- tests look into whatever came
  body: any;
  headers: Headers;
}

/** What holds answers to the description: that is the same for all servers, and takes most of a second to make. */
let differs: ReturnType<typeof described> | undefined;

/** A whole server on a free port and a database of its own, talked to over real HTTP. */
export class TestServer {
  #cookie = '';

  private constructor(
    readonly app: NestFastifyApplication,
    readonly clock: TestClock,
    readonly folder: string,
    readonly config: Config,
    readonly address: string,
  ) {}

  static async start(changes: Partial<Config> = {}): Promise<TestServer> {
    const folder = changes.data ?? (await mkdtemp(join(tmpdir(), 'sirene-test-')));
    const clock = new TestClock();
    const config: Config = {
      port: 0,
      data: folder,
      origin: 'http://studio.example',
      demo: true,
      smtpUrl: 'smtp://127.0.0.1:9',
      mailFrom: 'Sirene <post@sirene.example>',
      standinSmtpPort: null,
      standinHookPort: null,
      standinPaymentPort: null,
      standinMemberPort: null,
      standinMessengerPort: null,
      writeThread: false,
      submissionsPerMinute: 10_000,
      signInsPerMinute: 1000,
      readsPerMinute: 100_000,
      trustProxy: false,
      pagePatienceMs: 1000,
      privateHosts: [],
      studio: null,
      embed: null,
      ...changes,
    };
    const app = await createApp(config, { clock, logger: false });
    const accounts = app.get(AccountsService);
    if (!(await accounts.byEmail(demoUser.email))) await accounts.create(demoUser.email, demoUser.name, null);
    await app.get(MailSink).start();
    await app.get(HookSink).start();
    await app.get(PaymentSink).start();
    await app.get(MemberSink).start();
    await app.get(MessengerSink).start();
    await app.listen(config.port, '127.0.0.1');
    return new TestServer(app, clock, folder, config, await app.getUrl());
  }

  #differs(method: string, path: string, body: unknown): string | null {
    differs ??= described(describeApi(this.app));
    return differs(method, path, body);
  }

  async stop({ keep = false } = {}): Promise<void> {
    await this.app.close();
    if (!keep) await rm(this.folder, { recursive: true, force: true });
  }

  async send(
    method: string,
    path: string,
    body?: unknown,
    headers: Record<string, string> = {},
  ): Promise<Answer> {
    const response = await fetch(this.address + path, {
      method,
      headers: {
        ...(body !== undefined && { 'content-type': 'application/json' }),
        ...(this.#cookie && { cookie: this.#cookie }),
        ...headers,
      },
      ...(body !== undefined && { body: typeof body === 'string' ? body : JSON.stringify(body) }),
    });
    const cookie = response.headers.get('set-cookie');
    if (cookie) this.#cookie = cookie.split(';')[0] ?? '';
    const text = await response.text();
    const isJson = response.headers.get('content-type')?.includes('json');
    const told = isJson && text ? (JSON.parse(text) as unknown) : text;
    const difference = response.ok && isJson ? this.#differs(method, path, told) : null;
    if (difference) throw new Error(difference);
    return { status: response.status, body: told, headers: response.headers };
  }

  get = (path: string, headers?: Record<string, string>) => this.send('GET', path, undefined, headers);
  post = (path: string, body: unknown = {}, headers?: Record<string, string>) =>
    this.send('POST', path, body, headers);
  put = (path: string, body: unknown) => this.send('PUT', path, body);

  async signIn(): Promise<void> {
    await this.post('/api/session/demo');
  }

  /** The session, for those who talk to the server by themselves. */
  get cookie(): string {
    return this.#cookie;
  }

  forgetCookie(): void {
    this.#cookie = '';
  }
}

export const origin = 'https://larkmoor.example';

/** A signup form that tells two people. */
export function signupDocument(): WidgetDocument {
  const document = createWidget('Signup');
  document.elements = {
    opening: { type: 'group', direction: 'column', children: ['form'] },
    thanks: { type: 'group', direction: 'column', children: [] },
    form: { type: 'form', children: ['name', 'email', 'send'] },
    name: { type: 'field', kind: 'name', key: 'name', label: 'Your name', required: false },
    email: { type: 'field', kind: 'email', key: 'email', label: 'E-mail', required: true },
    send: createElement('button'),
  };
  document.afterwards.actions = [
    {
      type: 'notify',
      recipients: ['desk@larkmoor.example', 'letters@larkmoor.example'],
      subject: 'New reader',
    },
  ];
  return document;
}

export interface Published {
  siteId: string;
  key: string;
  widget: string;
  body: string;
}

/** A site with one published signup. */
export async function publishSignup(server: TestServer): Promise<Published> {
  await server.signIn();
  const { body: site } = await server.post('/api/sites', { name: 'Larkmoor', origins: [origin] });
  const { body: widget } = await server.post(`/api/sites/${site.id}/widgets`, {
    name: 'Signup',
    document: signupDocument(),
  });
  await server.post(`/api/widgets/${widget.id}/publish`, { base: 1 });
  const manifest = await server.get(`/m/${site.key}.json`, { origin });
  return { siteId: site.id, key: site.key, widget: widget.id, body: manifest.body.widgets[0].body };
}

/** Publishes another widget of a site. */
export async function publishAlso(
  server: TestServer,
  there: Published,
  document: WidgetDocument,
): Promise<Published> {
  const made = await server.post(`/api/sites/${there.siteId}/widgets`, { name: document.name, document });
  if (made.status !== 201) throw new Error(`The widget was refused: ${JSON.stringify(made.body)}`);
  await server.post(`/api/widgets/${made.body.id}/publish`, { base: 1 });
  const { body: manifest } = await server.get(`/m/${there.key}.json`, { origin });
  const { body } = manifest.widgets.find(({ id }: { id: string }) => id === made.body.id);
  return { ...there, widget: made.body.id, body };
}

let made = 0;
/** An id as visitors' pages make them. */
export const submissionId = (): string => (made++).toString(16).padStart(32, '0');

/** A submission that is right in every way. */
export function submission({ widget, body }: Published, values: Record<string, unknown> = {}) {
  return {
    id: submissionId(),
    widget,
    body,
    form: 'form',
    values: { name: 'Mira Stone', email: 'mira@stone.example', ...values },
    page: `${origin}/journal/`,
    title: 'Journal',
  };
}
