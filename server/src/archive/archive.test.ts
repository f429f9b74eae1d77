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
