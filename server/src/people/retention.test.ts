import {
  publishAlso,
  publishSignup,
  origin,
  signupDocument,
  submission,
  TestServer,
} from '../testing/server.js';
import { RetentionService } from './retention.service.js';

const day = 86_400_000;

let server: TestServer;
let kept: Awaited<ReturnType<typeof publishSignup>>;
let there: Awaited<ReturnType<typeof publishSignup>>;

beforeAll(async () => {
  server = await TestServer.start();
  kept = await publishSignup(server);
  const document = { ...signupDocument(), name: 'For a month' };
  document.afterwards.keep = 30;
  document.afterwards.actions = [{ type: 'sheet', sheet: 'Rows' }];
  there = await publishAlso(server, kept, document);
});
afterAll(() => server.stop());

const send = async (to: typeof there) => {
  const sent = submission(to);
  await server.post(`/c/${to.key}/submissions`, sent, { origin });
  return sent.id;
};
/** Sessions are not kept for so long. */
async function pass(ms: number) {
  server.clock.pass(ms);
  await server.signIn();
}
const ids = async () =>
  (await server.get(`/api/sites/${there.siteId}/submissions`)).body.submissions.map(
    ({ id }: { id: string }) => id,
  );
const run = () => server.app.get(RetentionService).run();
const older = async (days: number) =>
  (await server.get(`/api/widgets/${there.widget}/older-submissions?days=${days}`)).body;

test('submissions go once their form has kept them for so long; those of others stay', async () => {
  const [forGood, old] = [await send(kept), await send(there)];
  await pass(20 * day);
  const young = await send(there);
  await run();
  expect(new Set(await ids())).toEqual(new Set([young, old, forGood]));
  await pass(10 * day + 1);
  expect(await older(30)).toEqual({ older: 1, all: 2 });
  expect(await older(60)).toEqual({ older: 0, all: 2 });
  await run();
  expect(new Set(await ids())).toEqual(new Set([young, forGood]));
  await pass(400 * day);
  await server.post(`/api/widgets/${there.widget}/unpublish`);
  await run();
  expect(await ids()).toEqual([forGood]);
});

test('many go some at a time', async () => {
  for (let at = 0; at < 450; at += 50) await Promise.all(Array.from({ length: 50 }, () => send(there)));
  expect(await older(1)).toEqual({ older: 0, all: 450 });
  await pass(31 * day);
  await run();
  expect(await older(1)).toEqual({ older: 0, all: 0 });
});

test.each(['0', '-3', 'many', '99999', '1.5'])('%s is no number of days', async (days) => {
  expect((await server.get(`/api/widgets/${there.widget}/older-submissions?days=${days}`)).status).toBe(400);
});
