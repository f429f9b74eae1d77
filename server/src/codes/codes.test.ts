import { createElement, type Element } from '@sirene/core/document/elements';
import { origin, signupDocument, TestServer } from '../testing/server.js';
import { readStart, signStart } from './signed-start.js';

let server: TestServer;
beforeAll(async () => {
  server = await TestServer.start();
  await server.signIn();
});
afterAll(() => server.stop());

const minute = 60_000;
const visitor = (number: number) => number.toString(16).padStart(32, '0');
const own = { ...createElement('countdown'), goal: 'own', lasts: 20 } as Element;
const code = (more: object) => ({ ...createElement('code'), ...more }) as Element;

/** A published widget with a countdown of the visitor's own and codes of several kinds. */
async function offer() {
  const { body: site } = await server.post('/api/sites', { name: 'Larkmoor', origins: [origin] });
  const document = signupDocument();
  document.elements = {
    ...document.elements,
    opening: {
      type: 'group',
      direction: 'column',
      children: ['form', 'clock', 'dated', 'code', 'late', 'plain'],
    },
    clock: own,
    dated: createElement('countdown'),
    code: code({ pool: 'lamps' }),
    late: code({ pool: 'lamps', expires: true }),
    plain: code({ code: 'ALL' }),
  };
  const { body: widget } = await server.post(`/api/sites/${site.id}/widgets`, { name: 'Offer', document });
  await server.post(`/api/widgets/${widget.id}/publish`, { base: 1 });
  const ask = (element: string, of: number, start?: string) =>
    server.post(
      `/c/${site.key}/codes`,
      { widget: widget.id, element, visitor: visitor(of), ...(start && { start }) },
      { origin },
    );
  const begin = (element: string) =>
    server.post(`/c/${site.key}/starts`, { widget: widget.id, element }, { origin });
  const pools = `/api/sites/${site.id}/codes`;
  return { site, widget, ask, begin, pools };
}

test('each visitor gets a code of their own, the same one again, until none is left', async () => {
  const { ask, pools } = await offer();
  expect((await server.post(pools, { pool: 'lamps', codes: ['A1', 'B2', 'A1'] })).body).toEqual({
    added: 2,
    total: 2,
  });
  expect((await server.post(pools, { pool: 'lamps', codes: ['B2', 'C3'] })).body).toEqual({
    added: 1,
    total: 3,
  });
  const given = await Promise.all([1, 2, 3, 4, 1, 2, 3].map((one) => ask('code', one)));
  const codes = given.map(({ status, body }) => (status === 201 ? (body.code as string) : status));
  expect(new Set(codes.filter((one) => one !== 410)).size).toBe(3);
  expect(codes.filter((one) => one === 410)).toHaveLength(1);
  const [again] = [await ask('code', 1)];
  expect([again.status, again.body.code]).toEqual([201, codes[0]]);
  expect((await server.get(pools)).body).toEqual([{ pool: 'lamps', total: 3, given: 3 }]);
  expect((await server.send('DELETE', `${pools}/lamps`)).status).toBe(204);
  expect((await server.get(pools)).body).toEqual([]);
  expect((await server.send('DELETE', `${pools}/lamps`)).status).toBe(404);
});

test('a hundred who ask at once get a hundred different codes', async () => {
  const { ask, pools } = await offer();
  await server.post(pools, { pool: 'lamps', codes: Array.from({ length: 100 }, (_, at) => `L${at}`) });
  const given = await Promise.all(Array.from({ length: 50 }, (_, at) => ask('code', at)));
  expect(new Set(given.map(({ body }) => body.code as string)).size).toBe(50);
});

test('what hangs on a countdown is given while it lasts, and refused a moment later, whatever the page says', async () => {
  const { ask, begin, pools } = await offer();
  await server.post(pools, { pool: 'lamps', codes: ['A1', 'B2', 'C3'] });
  const { body: begun } = await begin('clock');
  const start = begun.start as string;
  server.clock.pass(20 * minute);
  expect((await ask('late', 1, start)).status).toBe(201);
  server.clock.pass(1);
  const late = await ask('late', 2, start);
  expect([late.status, late.body.message]).toEqual([410, 'The time for this code is over.']);
  // Who has theirs is late all the same; the code that hangs on nothing is still given.
  expect((await ask('late', 1, start)).status).toBe(410);
  expect((await ask('code', 2)).status).toBe(201);
});

test('a start that is forged, changed, of another widget or of another site opens nothing', async () => {
  const { ask, begin, pools, widget } = await offer();
  const other = await offer();
  await server.post(pools, { pool: 'lamps', codes: ['A1'] });
  const { body: foreign } = await other.begin('clock');
  const { body: mine } = await begin('clock');
  const longer = Buffer.from(
    JSON.stringify({ widget: widget.id, element: 'clock', at: 0, until: 9e15 }),
  ).toString('base64url');
  const forged = [
    undefined,
    'x',
    '.',
    foreign.start,
    `${longer}.${(mine.start as string).split('.')[1]}`,
    signStart({ widget: widget.id, element: 'clock', at: 0, until: 9e15 }, 'guessed'),
  ] as (string | undefined)[];
  for (const start of forged) expect((await ask('late', 1, start)).status).toBe(400);
  expect((await server.get(pools)).body).toEqual([{ pool: 'lamps', total: 1, given: 0 }]);
});

test('a signature holds for its key and its text alone', () => {
  const start = { widget: 'w', element: 'e', at: 1, until: 2 };
  expect(readStart(signStart(start, 'k'), 'k')).toEqual(start);
  expect(readStart(signStart(start, 'k'), 'other')).toBeNull();
});

test.each<[string, string, object, number]>([
  ['an element that is no code', 'codes', { element: 'clock', visitor: visitor(1) }, 404],
  ['a code that is for all', 'codes', { element: 'plain', visitor: visitor(1) }, 400],
  ['a widget that is not there', 'codes', { widget: 'nowhere', element: 'code', visitor: visitor(1) }, 404],
  ['a visitor that is none', 'codes', { element: 'code', visitor: 'me' }, 400],
  ['more than was asked for', 'codes', { element: 'code', visitor: visitor(1), pool: 'other' }, 400],
  ['a countdown to a date', 'starts', { element: 'dated' }, 400],
  ['an element that is no countdown', 'starts', { element: 'code' }, 404],
])('refused with a reason: %s', async (_, to, ask, status) => {
  const { site, widget } = await offer();
  const answer = await server.post(`/c/${site.key}/${to}`, { widget: widget.id, ...ask }, { origin });
  expect([answer.status, typeof answer.body.message]).toEqual([status, 'string']);
});

test('a page that is not of the site gets no code', async () => {
  const { site, widget } = await offer();
  const body = { widget: widget.id, element: 'code', visitor: visitor(1) };
  const answer = await server.post(`/c/${site.key}/codes`, body, { origin: 'https://elsewhere.example' });
  expect(answer.status).toBe(403);
});

test.each<[object, number]>([
  [{ pool: '', codes: ['A'] }, 400],
  [{ pool: 'a/b', codes: ['A'] }, 400],
  [{ pool: 'lamps', codes: [] }, 400],
  [{ pool: 'lamps', codes: [''] }, 400],
  [{ pool: 'lamps', codes: ['two\nlines'] }, 400],
  [{ pool: 'lamps', codes: ['x'.repeat(81)] }, 400],
  [{ pool: 'lamps', codes: [7] }, 400],
  [{ pool: 'lamps', codes: Array.from({ length: 5001 }, (_, at) => `${at}`) }, 400],
  [{ pool: 'lamps', codes: ['A'], more: 1 }, 400],
])('codes that can’t be used are refused: %#', async (body, status) => {
  const { pools } = await offer();
  const answer = await server.post(pools, body);
  expect([answer.status, typeof answer.body.message]).toEqual([status, 'string']);
  expect((await server.get(pools)).body).toEqual([]);
});
