import { AccountsService, demoUser } from '../accounts/accounts.service.js';
import type { UserEntity } from '../accounts/accounts.entity.js';
import { origin, signupDocument, TestServer } from '../testing/server.js';
import type { SiteArchive } from './archive.dto.js';
import { ArchiveService } from './archive.service.js';

const hour = 3_600_000;

const archive = (): SiteArchive => ({
  format: 'sirene-site',
  version: 1,
  site: { key: 'moor', name: 'Moor', origins: [origin], brand: {} },
  pages: [{ address: `${origin}/`, title: 'Home', html: '<p>Home</p><script>x()</script>' }],
  widgets: [
    {
      name: 'Letter',
      document: signupDocument() as unknown as Record<string, unknown>,
      publish: true,
      counts: [{ ago: 1, shown: 10, closed: 4, submitted: 2 }],
    },
  ],
  submissions: [5, 2].map((ago, at) => ({
    widget: 'Letter',
    id: `${at}`.repeat(32),
    ago: ago * hour,
    fields: [
      { key: 'name', label: 'Your name', value: 'Ada' },
      { key: 'email', label: 'E-mail', value: 'ada@x.example' },
    ],
    page: `${origin}/`,
    pageTitle: 'Home',
    delivered: ['desk@larkmoor.example'],
  })),
  conversations: [
    {
      ...{
        widget: 'Letter',
        ago: hour,
        name: 'Ada',
        email: 'ada@x.example',
        page: `${origin}/`,
        pageTitle: 'Home',
      },
      state: 'open',
      messages: [
        { from: 'visitor', text: 'Hello', after: 0 },
        { from: 'desk', text: 'Good evening', after: 60_000 },
        { from: 'note', text: 'Ada again', after: 1000 },
      ],
    },
  ],
});

test('a site comes in whole: pages, widgets, counts, submissions with their people and deliveries', async () => {
  const server = await TestServer.start();
  try {
    const owner = (await server.app.get(AccountsService).byEmail(demoUser.email)) as UserEntity;
    await server.app.get(ArchiveService).bring(archive(), owner);
    await server.signIn();
    const { body: sites } = await server.get('/api/sites');
    const path = `/api/sites/${sites[0].id}`;
    expect(sites[0]).toMatchObject({ key: 'moor', name: 'Moor', origins: [origin] });
    const { body: pages } = await server.get(`${path}/pages`);
    expect((await server.get(`/stage/pages/${pages[0].id}`)).body).not.toContain('script');
    expect((await server.get(`${path}/widgets`)).body[0]).toMatchObject({
      publishedNumber: 1,
      shown: 10,
      submitted: 2,
    });
    expect((await server.get('/m/moor.json', { origin })).body.widgets).toHaveLength(1);
    const { body } = await server.get(`${path}/submissions`);
    expect(body.total).toBe(2);
    expect(body.submissions[0]).toMatchObject({
      person: { name: 'Ada', email: 'ada@x.example' },
      receivedAt: server.clock.time - 2 * hour,
      deliveries: [{ target: 'desk@larkmoor.example', state: 'sent' }],
    });
    expect(body.submissions[1].person.id).toBe(body.submissions[0].person.id);
    const { body: conversations } = await server.get(`${path}/conversations?state=going`);
    expect(conversations).toMatchObject([
      {
        ...{ name: 'Ada', person: body.submissions[0].person.id, state: 'open' },
        last: { text: 'Good evening', from: 'desk', seq: 3, at: server.clock.time - hour + 60_000 },
      },
    ]);
    const { body: read } = await server.get(`${path}/conversations/${conversations[0].id}`);
    expect(read.messages.map(({ text }: { text: string }) => text)).toEqual([
      'Hello',
      'Good evening',
      'Ada again',
    ]);
  } finally {
    await server.stop();
  }
});

test('an archive with a document that can’t be used is refused with the reason', async () => {
  const server = await TestServer.start();
  try {
    const owner = (await server.app.get(AccountsService).byEmail(demoUser.email)) as UserEntity;
    const wrong = archive();
    (wrong.widgets[0] as { document: object }).document = { schema: 99 };
    await expect(server.app.get(ArchiveService).bring(wrong, owner)).rejects.toThrow(/from a newer Sirene/);
  } finally {
    await server.stop();
  }
});

const refusedArchives: [string, (one: SiteArchive) => unknown, RegExp][] = [
  ['that is none', () => null, /must be|unknown|could not/i],
  ['with an unknown field', (one) => ({ ...one, extra: 1 }), /extra is not a known field/],
  ['of another format', (one) => ({ ...one, format: 'other' }), /format/],
  ['with a key that is markup', (one) => ({ ...one, site: { ...one.site, key: '"><script>' } }), /site.key/],
  [
    'with an origin that is none',
    (one) => ({ ...one, site: { ...one.site, origins: ['javascript:alert(1)'] } }),
    /site.origins/,
  ],
  [
    'with a brand that carries CSS',
    (one) => ({
      ...one,
      site: {
        ...one.site,
        brand: { tokens: { color: { $type: 'color', accent: { $value: 'red;}body{display:none' } } } },
      },
    }),
    /The brand can't be used: tokens.color.accent/,
  ],
  [
    'with a page from elsewhere',
    (one) => ({ ...one, pages: [{ ...one.pages[0], address: 'https://elsewhere.example/' }] }),
    /not on the site/,
  ],
  [
    'with a submission without an id',
    (one) => ({ ...one, submissions: [{ ...one.submissions[0], id: 7 }] }),
    /submissions.0.id/,
  ],
  [
    'with a field that is no text',
    (one) => ({
      ...one,
      submissions: [{ ...one.submissions[0], fields: [{ key: 'a', label: 'A', value: { a: 1 } }] }],
    }),
    /submissions.0.fields.0.value/,
  ],
];

test.each(refusedArchives)('an archive %s is refused with the reason', async (_, change, reason) => {
  const server = await TestServer.start();
  try {
    const owner = (await server.app.get(AccountsService).byEmail(demoUser.email)) as UserEntity;
    await expect(server.app.get(ArchiveService).bring(change(archive()), owner)).rejects.toThrow(reason);
  } finally {
    await server.stop();
  }
});
