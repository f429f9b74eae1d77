import { OutboxService } from '../actions/outbox.service.js';
import {
  origin,
  publishAlso,
  publishSignup,
  signupDocument,
  submission,
  TestServer,
} from '../testing/server.js';

let server: TestServer;
let there: Awaited<ReturnType<typeof publishSignup>>;

beforeAll(async () => {
  server = await TestServer.start();
  there = await publishSignup(server);
  const document = signupDocument();
  document.name = 'Visit';
  document.elements['children'] = {
    ...{ type: 'field', kind: 'number', key: 'children', label: 'Children', required: false },
  };
  document.elements['total'] = {
    ...{ type: 'calculation', key: 'total', label: 'Total', formula: 'children × 3.5', currency: 'EUR' },
    locale: 'de',
  } as never;
  document.elements['form'] = { type: 'form', children: ['name', 'email', 'children', 'total', 'send'] };
  document.afterwards.actions = [
    { type: 'lead', stage: 'asked', title: 'Visit of {{children}}', value: '{{total}}', currency: 'EUR' },
  ];
  there = await publishAlso(server, there, document);
});
afterAll(() => server.stop());

const path = (rest: string) => `/api/sites/${there.siteId}/${rest}`;
const runDue = () => server.app.get(OutboxService).runDue();
const board = async () => (await server.get(path('leads'))).body;

async function visit(children: string, email = 'mira@stone.example') {
  server.clock.pass(1000);
  const sent = submission(there, { children, email });
  const answer = await server.post(`/c/${there.key}/submissions`, sent, { origin });
  expect([answer.status, answer.body]).toEqual([202, { id: sent.id }]);
  await runDue();
  return sent;
}

test('a submission makes a lead with its calculated value, once however often it is tried', async () => {
  const sent = await visit('41');
  const { leads, stages } = await board();
  expect(stages.map(({ name }: { name: string }) => name)).toEqual(['Asked', 'In talks', 'Won', 'Lost']);
  expect(leads).toHaveLength(1);
  expect(leads[0]).toMatchObject({
    title: 'Visit of 41',
    units: 14_350,
    currency: 'EUR',
    stage: stages[0].id,
    submission: sent.id,
    person: { email: 'mira@stone.example' },
  });
  const { body } = await server.get(path(`submissions/${sent.id}`));
  expect(body.deliveries).toMatchObject([{ state: 'sent', label: 'Lead: mira@stone.example' }]);
  await server.post(path(`deliveries/${body.deliveries[0].id}/repeat`));
  await runDue();
  expect((await board()).leads).toHaveLength(1);
});

test('a lead moves along the stages, and the person’s timeline tells of it', async () => {
  const { leads, stages, members } = await board();
  const [{ id, person }] = leads;
  server.clock.pass(1000);
  const moved = await server.send('PATCH', path(`leads/${id}`), {
    stage: stages[2].id,
    owner: members[0].id,
    dueOn: '2026-12-24',
    units: 15_000,
  });
  expect(moved.body).toMatchObject({
    stage: stages[2].id,
    owner: members[0].id,
    dueOn: '2026-12-24',
    units: 15_000,
    movedAt: server.clock.time,
  });
  const { body: whole } = await server.get(path(`persons/${person.id}`));
  expect(whole.timeline.filter(({ kind }: { kind: string }) => kind === 'lead')).toMatchObject([
    { text: 'Visit of 41', stage: 'Won' },
    { text: 'Visit of 41', stage: 'Asked' },
  ]);
  expect(whole.leads).toHaveLength(1);
  await server.send('PATCH', path(`leads/${id}`), { owner: null, dueOn: null, units: null });
  expect((await board()).leads[0]).toMatchObject({ owner: null, dueOn: null, units: null });
});

test.each([
  ['a stage of nowhere', { stage: 'no' }, 400],
  ['an owner who is no member', { owner: 'u_1' }, 400],
  ['a day that is none', { dueOn: '2026-02-30' }, 400],
  ['half a cent', { units: 0.5 }, 400],
  ['less than nothing', { units: -1 }, 400],
  ['money of nowhere', { currency: 'ABC' }, 400],
  ['no title', { title: '' }, 400],
  ['what nobody knows', { colour: 'red' }, 400],
])('%s is refused', async (_, change, status) => {
  const { leads } = await board();
  expect((await server.send('PATCH', path(`leads/${leads[0].id}`), change)).status).toBe(status);
  expect((await board()).leads).toEqual(leads);
});

test('a lead is made by hand, and removed', async () => {
  const { stages, leads } = await board();
  const person = leads[0].person.id;
  const made = await server.post(path('leads'), { person, stage: stages[1].id, title: 'Night walk' });
  expect(made.body).toMatchObject({ title: 'Night walk', units: null, submission: null });
  expect((await server.post(path('leads'), { person: 'p', stage: stages[1].id, title: 'x' })).status).toBe(
    404,
  );
  expect((await server.send('DELETE', path(`leads/${made.body.id}`))).status).toBe(204);
  expect((await server.send('DELETE', path(`leads/${made.body.id}`))).status).toBe(404);
});

test('stages are renamed, ordered, added and removed; one that holds leads stays', async () => {
  const { stages } = await board();
  const [asked, talks, won, lost] = stages;
  const swapped = [{ ...talks, name: 'Asked' }, { ...asked, name: 'In talks' }, won, lost];
  const set = await server.put(path('lead-stages'), {
    stages: [...swapped, { name: 'Later', outcome: 'open' }],
  });
  expect(set.body.map(({ name }: { name: string }) => name)).toEqual([
    ...['Asked', 'In talks', 'Won', 'Lost', 'Later'],
  ]);
  const held = await server.put(path('lead-stages'), { stages: [asked, talks, lost] });
  expect([held.status, held.body.message]).toEqual([
    409,
    '“Won” holds 1 leads. Move them to another stage first.',
  ]);
  const twice = await server.put(path('lead-stages'), {
    stages: [asked, talks, won, { ...lost, name: 'won' }],
  });
  expect(twice.body.message).toBe('stages.3.name is there twice.');
  const strange = await server.put(path('lead-stages'), { stages: [{ ...asked, id: 'x' }] });
  expect(strange.body.message).toBe('stages.0.id is none of the site’s stages.');
  expect((await server.put(path('lead-stages'), { stages })).body).toEqual(stages);
});

test('a sum of what was left empty is worth nothing', async () => {
  await visit('', 'bran@holt.example');
  expect((await board()).leads[0]).toMatchObject({ units: 0, person: { email: 'bran@holt.example' } });
});
