import 'reflect-metadata';
import { Reflector } from '@nestjs/core';
import { ModulesContainer } from '@nestjs/core/injector/modules-container.js';
import type { ExecutionContext } from '@nestjs/common';
import { AccountsService } from './accounts/accounts.service.js';
import { permissionOf } from './accounts/permission.js';
import { DataSource } from 'typeorm';
import { MailEntity } from './standins/standins.entity.js';
import { describeApi } from './app.js';
import { described } from './testing/described.js';
import { origin, publishSignup, TestServer } from './testing/server.js';

let server: TestServer;
beforeAll(async () => {
  server = await TestServer.start();
});
afterAll(() => server.stop());

interface Route {
  name: string;
  path: string;
  permission: string | undefined;
}

/** Every route of every controller, with what it says of who it lets in. */
function routes(): Route[] {
  const reflector = new Reflector();
  return [...server.app.get(ModulesContainer).values()].flatMap(({ controllers }) =>
    [...controllers.values()].flatMap(({ metatype }) => {
      const controller = metatype as new () => Record<string, () => unknown>;
      const { prototype } = controller as unknown as { prototype: Record<string, () => unknown> };
      const handlers = Object.getOwnPropertyNames(prototype).filter((name) => name !== 'constructor');
      return handlers.flatMap((name): Route[] => {
        const handler = prototype[name] as () => unknown;
        const path = Reflect.getMetadata('path', handler) as string | undefined;
        if (path === undefined) return [];
        const context = {
          getHandler: () => handler,
          getClass: () => controller,
        } as unknown as ExecutionContext;
        const base = Reflect.getMetadata('path', controller) as string;
        const permission = permissionOf(reflector, context)?.to;
        return [{ name: `${controller.name}.${name}`, path: `/${base}/${path}`, permission }];
      });
    }),
  );
}

test('every route says who it lets in: @Public(), @AnyAccount() or @SiteAccess(…)', () => {
  const all = routes();
  expect(all.length).toBeGreaterThan(50);
  expect(all.filter(({ permission }) => permission === undefined).map(({ name }) => name)).toEqual([]);
});

test('a route about a site, a widget or a page of one asks for access to it', () => {
  const about = /:(site|widget|page)(\/|$)/;
  for (const { name, path, permission } of routes())
    expect([name, about.test(path)]).toEqual([name, /^(member|owner)/.test(permission ?? '')]);
});

describe('a stranger', () => {
  const email = 'stranger@place.example';
  let there: Awaited<ReturnType<typeof publishSignup>>;
  beforeAll(async () => {
    there = await publishSignup(server);
    const mail = (id: string, recipient: string, site: string | null) => ({
      id,
      sender: 'Sirene',
      recipients: [recipient],
      subject: id,
      text: 'A link that nobody else may follow',
      html: '',
      attachments: [],
      headers: site === null ? [] : [{ name: 'x-sirene-site', value: site }],
      receivedAt: 1,
    });
    await server.app
      .get(DataSource)
      .getRepository(MailEntity)
      .insert([
        mail('of-the-site', 'desk@larkmoor.example', there.siteId),
        mail('reset-of-another', 'somebody@larkmoor.example', null),
        mail('to-the-stranger', email, null),
      ]);
  });
  const mails = async () =>
    (await server.get('/api/post')).body.map(({ subject }: { subject: string }) => subject).sort();

  test('is no member, and the members see the mail of their site', async () => {
    expect(await mails()).toEqual(['of-the-site']);
    await server.app.get(AccountsService).create(email, 'A stranger', 'a long enough password');
    server.forgetCookie();
    await server.post('/api/session', { email, password: 'a long enough password' });
  });

  test('finds nothing of the site, by whatever route', async () => {
    for (const path of [
      `/api/sites/${there.siteId}`,
      `/api/sites/${there.siteId}/widgets`,
      `/api/sites/${there.siteId}/submissions`,
      `/api/sites/${there.siteId}/brand`,
      `/api/sites/${there.siteId}/manifest`,
      `/api/widgets/${there.widget}`,
      `/api/widgets/${there.widget}/versions`,
      `/api/widgets/${there.widget}/export.html`,
    ])
      expect([path, (await server.get(path, { origin })).status]).toEqual([path, 404]);
  });

  test('sees the mail to themselves, and no other', async () => {
    expect(await mails()).toEqual(['to-the-stranger']);
    expect((await server.get('/api/post/of-the-site')).status).toBe(404);
    expect((await server.get('/api/post/reset-of-another')).status).toBe(404);
    expect((await server.get('/api/post/to-the-stranger')).body.text).toMatch(/^A link/);
  });
});

describe('the API’s description', () => {
  interface Operation {
    summary?: string;
    parameters?: { name: string; in: string }[];
    responses: Record<string, { content?: object }>;
  }
  const operations = async () => {
    const { body } = await server.get('/api/openapi.json');
    return Object.entries(body.paths as Record<string, Record<string, Operation>>).flatMap(
      ([path, methods]) =>
        Object.entries(methods).map(([method, operation]) => ({ path, method, operation })),
    );
  };

  test('names every parameter of a path', async () => {
    for (const { path, operation } of await operations()) {
      const named = (operation.parameters ?? []).filter((one) => one.in === 'path').map(({ name }) => name);
      const wanted = [...path.matchAll(/\{(\w+)\}/g)].map(([, name]) => name);
      expect([path, named.sort()]).toEqual([path, wanted.sort()]);
    }
  });

  test('says of every route what it does and what it answers: @Answers, @AnswersNothing or @AnswersFile', async () => {
    for (const { path, method, operation } of await operations()) {
      const [success = '', refusal] = Object.keys(operation.responses);
      const tells = operation.responses[success]?.content !== undefined;
      expect([method, path, operation.summary]).toEqual([
        method,
        path,
        expect.stringMatching(/^[A-Z0-9].*[.]$/),
      ]);
      expect([method, path, tells ? 'content' : success]).toEqual([method, path, tells ? 'content' : '204']);
      expect(refusal).toBe('4XX');
    }
  });

  test('an answer that differs from it is found', async () => {
    const differs = described(describeApi(server.app));
    await server.signIn();
    const site = (await server.get('/api/sites')).body[0] as Record<string, unknown>;
    expect(differs('GET', '/api/sites/x', site)).toBeNull();
    expect(differs('GET', '/api/sites/x', { ...site, brand: {} })).toMatch(/additional properties/);
    expect(differs('GET', '/api/sites/x', { ...site, name: 7 })).toMatch(/name must be string/);
  });
});
