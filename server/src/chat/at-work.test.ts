import { message, TestChat, texts, token } from '../testing/chat.js';
import { origin } from '../testing/server.js';

let bench: TestChat;
beforeAll(async () => {
  bench = await TestChat.start({ files: 'pictures', hours: [{ days: ['2'], from: '09:00', to: '18:00' }] });
});
afterAll(() => bench.server.stop());

// The smallest PNG there is.
const png = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNkYPhfDwAChwGA60e6kgAAAABJRU5ErkJggg==',
  'base64',
);
const upload = async (name: string, body: BodyInit, path = '') => {
  const query = new URLSearchParams({ widget: bench.there.widget, name }).toString();
  const response = await fetch(bench.server.address + (path || `/c/${bench.there.key}/chat/files?${query}`), {
    method: 'POST',
    headers: {
      'content-type': 'application/octet-stream',
      ...(path ? { cookie: bench.server.cookie } : { origin }),
    },
    body,
  });
  return { status: response.status, body: await response.json() };
};
const begin = async () => {
  await bench.say('Is the dome open tonight?', { name: 'Mira Stone', email: 'mira@stone.example' });
  const { conversation } = await bench.follow();
  return conversation as string;
};

test('a picture is sent along, is at the desk, and is fetched by its id alone', async () => {
  const id = await begin();
  const sent = await upload('moon.png', png);
  expect([sent.status, sent.body]).toEqual([
    202,
    { id: expect.any(String), name: 'moon.png', type: 'image/png', bytes: png.length },
  ]);
  const at = `/c/${bench.there.key}/chat/files/${sent.body.id}`;
  // Until its message is sent it is nobody's.
  expect((await bench.server.get(at)).status).toBe(404);
  expect((await bench.say('x', { message: message('see here', { file: sent.body.id }) })).status).toBe(202);
  const { body } = await bench.server.get(bench.desk(`/${id}`));
  expect(body.messages.at(-1)).toMatchObject({
    text: 'moon.png',
    file: { id: sent.body.id, type: 'image/png' },
  });
  const got = await bench.server.get(at);
  expect([got.status, got.headers.get('content-security-policy')]).toEqual([
    200,
    "default-src 'none'; sandbox",
  ]);
  // The desk has it among the site's files, and no other conversation can take it.
  expect((await bench.server.get(`/api/sites/${bench.there.siteId}/files/${sent.body.id}`)).status).toBe(200);
  const stolen = await bench.say('x', {
    token: 'b'.repeat(32),
    message: message('mine now', { file: sent.body.id }),
  });
  expect([stolen.status, stolen.body.message]).toEqual([400, 'message.file is none that was sent here']);
});

test('the desk sends files too', async () => {
  const [{ id }] = await bench.going();
  const sent = await upload('', png, bench.desk('/files?name=map.png'));
  const said = { message: message('the way', { file: sent.body.id }), note: false };
  expect((await bench.server.post(bench.desk(`/${id}/messages`), said)).status).toBe(202);
  expect((await bench.follow()).messages.at(-1)).toMatchObject({ from: 'desk', file: { name: 'map.png' } });
});

test.each<[string, string, BodyInit, number]>([
  ['a page that says it is a picture', 'moon.png', '<script>alert(1)</script>', 415],
  ['a picture that says it is a page', 'moon.html', png, 415],
  ['a document where pictures are taken', 'moon.pdf', '%PDF-1.7\n', 415],
  ['nothing at all', 'moon.png', '', 415],
])('%s is refused', async (_, name, body, status) => {
  expect((await upload(name, body)).status).toBe(status);
});

test('who is writing, and what has been seen, is told to the other side', async () => {
  const [{ id, last }] = await bench.going();
  const known = await bench.follow();
  const waiting = bench.follow({ ...{ after: last.seq, mark: known.mark, conversation: id, wait: true } });
  expect((await bench.server.post(bench.desk(`/${id}/typing`))).status).toBe(204);
  expect(await waiting).toMatchObject({ typing: 'Demo designer', messages: [] });
  // Sent, it is written no more.
  await bench.answer(id, 'From nine.');
  expect((await bench.follow()).typing).toBe('');

  const happening = async (more: object) => {
    const query = new URLSearchParams({ open: id, ...more }).toString();
    return (await bench.server.get(bench.desk(`/happening?${query}`))).body;
  };
  const { open } = await happening({});
  expect(open).toMatchObject({ typing: '', seen: 0 });
  const { count } = await happening({});
  const told = happening({ since: String(count), mark: open.mark });
  await bench.chat('typing', { token, widget: bench.there.widget });
  const typing = await told;
  expect(typing.open.typing).toBe('Mira Stone');
  const { messages } = await bench.follow();
  const seq = messages.at(-1).seq;
  await bench.follow({ conversation: id, after: seq, seen: seq });
  expect((await happening({})).open.seen).toBe(seq);
  // More than there is can't have been seen, nor less than before.
  await bench.follow({ conversation: id, after: seq, seen: 5000 });
  await bench.follow({ conversation: id, after: seq, seen: 1 });
  expect((await happening({ seen: String(seq) })).open.seen).toBe(seq);
  expect((await bench.follow()).seen).toBe(seq);
});

test('who has said their name once goes on under it', async () => {
  await bench.say('It is me again', { name: '' });
  expect((await bench.follow()).messages.at(-1)).toMatchObject({
    text: 'It is me again',
    name: 'Mira Stone',
  });
});

test('it rests until later, and comes back with the next message', async () => {
  const [{ id }] = await bench.going();
  expect((await bench.change(id, { snoozedUntil: bench.server.clock.now() + 3_600_000 })).status).toBe(204);
  expect(await bench.going()).toEqual([]);
  expect((await bench.server.get(bench.desk('?state=snoozed'))).body).toMatchObject([{ id }]);
  bench.server.clock.pass(3_600_001);
  expect(await bench.going()).toMatchObject([{ id }]);
  await bench.change(id, { snoozedUntil: bench.server.clock.now() + 3_600_000 });
  await bench.say('Are you there?');
  expect(await bench.going()).toMatchObject([{ id, snoozedUntil: null }]);
});

test('it becomes a lead once, of the person who writes', async () => {
  const [{ id, person }] = await bench.going();
  const make = () => bench.server.post(bench.desk(`/${id}/lead`));
  const [first, again] = [await make(), await make()];
  expect([first.status, again.body]).toEqual([201, first.body]);
  const { body: board } = await bench.server.get(`/api/sites/${bench.there.siteId}/leads`);
  expect(board.leads).toMatchObject([{ id: first.body.lead, person: { id: person } }]);
  expect((await bench.going())[0].lead).toBe(first.body.lead);
});

test('the visitor ends and rates it; before it has ended there is nothing to rate', async () => {
  const rate = (rating: unknown, more: object = {}) =>
    bench.chat('rating', { token, widget: bench.there.widget, rating, ...more });
  const [{ id }] = await bench.going();
  expect((await rate(5)).status).toBe(409);
  // What is over rests no more.
  await bench.change(id, { snoozedUntil: bench.server.clock.now() + 3_600_000 });
  expect((await bench.chat('end', { token, widget: bench.there.widget })).status).toBe(204);
  expect(await bench.follow()).toMatchObject({ state: 'closed' });
  for (const wrong of [0, 6, 2.5, '5']) expect((await rate(wrong)).status).toBe(400);
  expect((await rate(4, { text: 'Quick' })).status).toBe(204);
  const { body } = await bench.server.get(bench.desk(`/${id}`));
  expect(body).toMatchObject({ rating: 4, ratingText: 'Quick', state: 'closed', snoozedUntil: null });
});

test('how the desk did is told, of the last days', async () => {
  const { body } = await bench.server.get(bench.desk('/report?days=30'));
  expect(body).toMatchObject({ conversations: 1, answered: 1, rated: 1, rating: 4 });
  expect(body.firstAnswer).toBeGreaterThanOrEqual(0);
  expect((await bench.server.get(bench.desk('/report?days=0'))).status).toBe(400);
});

test('the desk takes it away as a text, with its notes', async () => {
  const { body: closed } = await bench.server.get(bench.desk('?state=closed'));
  await bench.answer(closed[0].id, 'A regular', true);
  const { body, headers } = await bench.server.get(bench.desk(`/${closed[0].id}/transcript`));
  expect(headers.get('content-disposition')).toMatch(/^attachment; filename="conversation-/);
  expect(body).toMatch(/Mira Stone\n {2}Is the dome open tonight\?/);
  expect(body).toMatch(/\(note\)\n {2}A regular/);
});

test('the desk takes it away as data, with times that any program reads', async () => {
  const { body: closed } = await bench.server.get(bench.desk('?state=closed'));
  const path = bench.desk(`/${closed[0].id}/transcript`);
  const { body, headers } = await bench.server.get(`${path}?as=json`);
  expect(headers.get('content-disposition')).toMatch(/\.json"$/);
  expect(body).toMatchObject({ visitor: 'Mira Stone', page: expect.stringContaining('/shows/') });
  expect(body.messages[0]).toEqual({
    from: 'visitor',
    name: 'Mira Stone',
    at: expect.stringMatching(/^\d{4}-\d\d-\d\dT[\d:.]+Z$/),
    text: 'Is the dome open tonight?',
  });
  expect((await bench.server.get(`${path}?as=pdf`)).status).toBe(400);
});

test('whoever comes back is known as before', async () => {
  await bench.say('Me again', { name: '', email: '' });
  const [now] = await bench.going();
  expect(now).toMatchObject({ name: 'Mira Stone', email: 'mira@stone.example' });
  const { body: earlier } = await bench.server.get(bench.desk(`/${now.id}/earlier`));
  expect(earlier).toMatchObject([{ state: 'closed', rating: 4 }]);
  await bench.chat('end', { token, widget: bench.there.widget });
});

test('it is found by its words, and no more once the person is erased', async () => {
  const find = async (words: string) => {
    const query = new URLSearchParams({ words }).toString();
    const { body } = await bench.server.get(`/api/sites/${bench.there.siteId}/search?${query}`);
    return body.hits.filter(({ kind }: { kind: string }) => kind === 'conversation');
  };
  const [hit] = await find('dome tonight');
  expect(hit).toMatchObject({ kind: 'conversation', title: 'Mira Stone' });
  const { body: closed } = await bench.server.get(bench.desk('?state=closed'));
  const { person } = closed[0];
  await bench.server.send('DELETE', `/api/sites/${bench.there.siteId}/persons/${person}`);
  expect(await find('dome tonight')).toEqual([]);
});

test('what was asked before stands beside the conversation', async () => {
  const answers = [{ label: 'Topic', value: 'Tickets' }];
  await bench.say('Hello', { token: 'd'.repeat(32), answers });
  expect((await bench.going())[0]).toMatchObject({ answers, name: '', person: null });
  const refused = await bench.say('Hello', { token: 'e'.repeat(32), answers: Array(9).fill(answers[0]) });
  expect(refused.status).toBe(400);
  const [{ id }] = await bench.going();
  expect((await bench.server.post(bench.desk(`/${id}/lead`))).status).toBe(400);
});

test('outside its hours a message is a submission too, once, and the desk is said to be closed', async () => {
  // A Thursday.
  bench.server.clock.pass(2 * 86_400_000);
  const late = 'f'.repeat(32);
  expect(await bench.follow({ token: late })).toMatchObject({ desk: 'closed' });
  const left = message('May I bring my dog?');
  const sent = { token: late, message: left, name: 'Otto Reed', email: 'otto@reed.example' };
  for (let times = 0; times < 2; times++) expect((await bench.say('', sent)).status).toBe(202);
  await bench.say('It is a small one', { token: late });
  const { body } = await bench.server.get(`/api/sites/${bench.there.siteId}/submissions`);
  const ours = body.submissions.filter(({ id }: { id: string }) => id === left.id);
  expect(ours).toHaveLength(1);
  expect(JSON.stringify(ours[0])).toContain('May I bring my dog?');
  expect(
    body.submissions.filter(({ widget }: { widget: { name: string } }) => widget.name === 'Evening desk'),
  ).toHaveLength(1);
  expect(texts(await bench.follow({ token: late }))).toEqual(['May I bring my dog?', 'It is a small one']);
});

test('the desk sees on which pages a visitor has been since they wrote, the last first, and nobody else does', async () => {
  const own = 'e'.repeat(32);
  const at = (path: string) => ({ token: own, page: `${origin}${path}`, title: path });
  await bench.follow(at('/before/'));
  await bench.say('Where is the shop?', { token: own });
  for (const path of ['/shows/', '/shows/', '/shop/', '/shows/']) {
    await Promise.all([bench.follow(at(path)), bench.follow(at(path))]);
    bench.server.clock.pass(1000);
  }
  const one = (await bench.going()).find(
    ({ last }: { last: { text: string } }) => last.text === 'Where is the shop?',
  );
  const { journey } = (await bench.server.get(bench.desk(`/${one.id}?after=0`))).body;
  expect(journey.map(({ title }: { title: string }) => title)).toEqual(['/shows/', '/shop/', '/shows/']);
  expect(JSON.stringify(await bench.follow(at('/shows/')))).not.toContain('/shop/');
  for (let page = 0; page < 60; page++) await bench.follow(at(`/${page}/`));
  expect((await bench.server.get(bench.desk(`/${one.id}?after=0`))).body.journey).toHaveLength(50);
});

test('a visitor revokes their token: it opens nothing any more, and the desk keeps what was written', async () => {
  const own = 'f'.repeat(32);
  await bench.say('Nobody else may read this here', { token: own });
  expect((await bench.chat('forget', { token: own, widget: bench.there.widget })).status).toBe(204);
  expect(await bench.follow({ token: own })).toMatchObject({ conversation: null, messages: [] });
  expect((await bench.going()).map(({ last }: { last: { text: string } }) => last.text)).toContain(
    'Nobody else may read this here',
  );
  await bench.say('Somebody else', { token: own });
  expect(texts(await bench.follow({ token: own }))).toEqual(['Somebody else']);
});
