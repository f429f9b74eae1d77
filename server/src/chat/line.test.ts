import { WebSocket } from 'ws';
import { message, TestChat, texts, token } from '../testing/chat.js';
import { origin } from '../testing/server.js';

let bench: TestChat;
beforeAll(async () => {
  bench = await TestChat.start();
});
afterAll(() => bench.server.stop());

interface Answer {
  // eslint-disable-next-line @typescript-eslint/no-explicit-any -- tests look into whatever came
  ok?: any;
  refused?: { status: number; message: string };
}

/** One end of a line. */
class Line {
  readonly #socket: WebSocket;
  readonly #asked = new Map<number, (answer: Answer) => void>();
  #next = 1;
  readonly closed: Promise<{ code: number; why: string }>;
  readonly open: Promise<void>;

  constructor(path: string, headers: Record<string, string> = {}) {
    this.#socket = new WebSocket(bench.server.address.replace('http', 'ws') + path, { headers });
    this.open = new Promise((done, fail) => {
      this.#socket.once('open', done);
      this.#socket.once('error', fail);
    });
    this.open.catch(() => undefined);
    this.closed = new Promise((done) =>
      this.#socket.once('close', (code, why) => done({ code, why: why.toString() })),
    );
    this.#socket.on('message', (data) => {
      const { ask, ...answer } = JSON.parse(data.toString());
      this.#asked.get(ask)?.(answer);
    });
  }

  async ask(to: string, body: unknown) {
    await this.open;
    const ask = this.#next++;
    const answered = new Promise<Answer>((done) => this.#asked.set(ask, done));
    this.#socket.send(JSON.stringify({ ask, to, with: body }));
    return answered;
  }

  send = (frame: string | Buffer) => this.#socket.send(frame);
  end = () => this.#socket.close();
}

const visitorLine = (headers: Record<string, string> = { origin }) =>
  new Line(`/chat/visitor?site=${bench.there.key}`, headers);
const deskLine = (headers: Record<string, string> = { cookie: bench.server.cookie }) =>
  new Line(`/chat/desk?site=${bench.there.siteId}`, headers);
const asking = (more: object = {}) => ({ token, widget: bench.there.widget, after: 0, wait: false, ...more });
const saying = (text: string, more: object = {}) => bench.visitor({ message: message(text), ...more });

test('what is said over a line is stored and told on both sides, as by requests', async () => {
  const [visitor, desk] = [visitorLine(), deskLine()];
  const first = await desk.ask('happening', {});
  const happening = desk.ask('happening', { since: first.ok.count });
  const said = saying('Is the dome open tonight?');
  expect(await visitor.ask('messages', said)).toEqual({ ok: { id: said.message.id } });
  expect((await happening).ok).toEqual({ count: first.ok.count + 1, open: null });
  const known = (await visitor.ask('follow', asking())).ok;
  expect(texts(known)).toEqual(['Is the dome open tonight?']);
  const following = visitor.ask(
    'follow',
    asking({ wait: true, after: 1, mark: known.mark, conversation: known.conversation }),
  );
  const reply = { open: known.conversation, message: message('From nine.'), note: false };
  expect((await desk.ask('messages', reply)).ok).toEqual({ id: reply.message.id });
  expect(texts((await following).ok)).toEqual(['From nine.']);
  // The same by a request.
  expect(texts(await bench.follow())).toEqual(['Is the dome open tonight?', 'From nine.']);
  visitor.end();
  desk.end();
});

test('several messages at once on one line are each answered; of two who wait the later', async () => {
  const [visitor, desk] = [visitorLine(), deskLine()];
  const { conversation, mark, messages } = await bench.follow();
  const replies = Array.from({ length: 10 }, (_, at) => message(`Number ${at}`));
  const answered = await Promise.all(
    replies.map((one) => desk.ask('messages', { open: conversation, message: one, note: false })),
  );
  expect(answered.map(({ ok }) => ok.id)).toEqual(replies.map(({ id }) => id));
  let first = false;
  const after = messages.length + 10;
  const now = (await visitor.ask('follow', asking({ after, mark, conversation }))).ok;
  const known = { after, mark: now.mark, conversation, wait: true };
  visitor.ask('follow', asking(known)).then(
    () => (first = true),
    () => undefined,
  );
  const second = visitor.ask('follow', asking(known));
  await desk.ask('messages', { open: conversation, message: message('And one'), note: false });
  expect(texts((await second).ok)).toEqual(['And one']);
  expect(first).toBe(false);
  visitor.end();
  desk.end();
});

test('that somebody is there is told as long as their line is open', async () => {
  const [visitor, desk] = [visitorLine(), deskLine()];
  const other = { token: 'e'.repeat(32) };
  await visitor.ask('messages', saying('Hello', other));
  const { ok: known } = await visitor.ask('follow', asking(other));
  const open = known.conversation;
  expect((await desk.ask('happening', { open })).ok.open.isHere).toBe(false);
  void visitor.ask(
    'follow',
    asking({ ...other, wait: true, after: 1, mark: known.mark, conversation: open }),
  );
  await visitor.ask('typing', { ...other, widget: bench.there.widget });
  const { ok: there } = await desk.ask('happening', { open });
  expect(there.open).toMatchObject({ isHere: true, typing: 'Visitor' });
  // Told the other way round too.
  expect((await visitor.ask('follow', asking(other))).ok.desk).toBe('here');
  // Once they have been away for a moment; nobody writes any more by then.
  visitor.end();
  let { count, open: now } = there;
  while (now.isHere)
    ({ count, open: now } = (await desk.ask('happening', { open, since: count, mark: now.mark })).ok);
  expect(now.isHere).toBe(false);
  desk.end();
});

test.each<[string, string, object, number, RegExp]>([
  ['no such thing', 'wish', {}, 404, /nothing called wish/],
  ['what every object inherits', 'constructor', {}, 404, /nothing called/],
  ['a message without a word', 'messages', { message: { id: 'c'.repeat(32), text: ' ' } }, 400, /empty/],
  ['markup in an id', 'messages', { message: { id: '<b>', text: 'Hello' } }, 400, /hexadecimal/],
  ['another widget', 'follow', { widget: 'w_other', after: 0, wait: false }, 404, /widget/],
])('%s is refused in the words of a request', async (_, to, more, status, reason) => {
  const line = visitorLine();
  const body = to === 'follow' ? { token, ...more } : bench.visitor(more);
  const { refused } = await line.ask(to, body);
  expect([refused?.status, refused?.message]).toEqual([status, expect.stringMatching(reason)]);
  line.end();
});

test('another’s conversation is told to nobody', async () => {
  const line = visitorLine();
  const { conversation } = await bench.follow();
  const { ok } = await line.ask('follow', asking({ token: 'b'.repeat(32), conversation }));
  expect(ok).toMatchObject({ conversation: null, messages: [] });
  line.end();
});

test.each<[string, string | Buffer, number, RegExp]>([
  ['no JSON', 'hello', 1008, /JSON/],
  ['JSON of another form', '[1, 2]', 1008, /JSON/],
  ['no number', '{"ask":"x","to":"follow"}', 1008, /JSON/],
  ['bytes', Buffer.from('{"ask":1,"to":"follow"}'), 1008, /JSON/],
  ['ten megabytes', 'x'.repeat(10_000_000), 1009, /^/],
])('a frame that is %s cuts the line, and says why', async (_, frame, code, why) => {
  const line = visitorLine();
  await line.open;
  line.send(frame);
  const closed = await line.closed;
  expect([closed.code, closed.why]).toEqual([code, expect.stringMatching(why)]);
});

test('a line that asks too much is slowed, then cut; the others go on', async () => {
  const [busy, quiet] = [visitorLine(), visitorLine()];
  await busy.open;
  for (let at = 0; at < 1000; at++)
    busy.send(JSON.stringify({ ask: at, to: 'typing', with: { token, widget: bench.there.widget } }));
  expect((await quiet.ask('follow', asking())).ok.conversation).not.toBeNull();
  expect(await busy.closed).toEqual({ code: 1008, why: 'Too many frames: at most 20 a second.' });
  quiet.end();
});

test.each<[string, () => Line, RegExp]>([
  ['a page of another origin', () => visitorLine({ origin: 'https://other.example' }), /origin/],
  ['no origin', () => visitorLine({}), /origin/],
  ['a site of nobody', () => new Line('/chat/visitor?site=nobody', { origin }), /site/],
  ['nobody at the desk', () => deskLine({}), /sign in/],
  [
    'a page elsewhere with our cookie',
    () => deskLine({ cookie: bench.server.cookie, origin }),
    /another site/,
  ],
])('%s gets no line', async (_, open, why) => {
  const closed = await open().closed;
  expect([closed.code, closed.why]).toEqual([1008, expect.stringMatching(why)]);
});

test('another path is no line', async () => {
  await expect(new Line('/chat/other').open).rejects.toThrow();
});

test('who is signed out meanwhile is told so with the next question', async () => {
  const desk = deskLine();
  expect((await desk.ask('happening', {})).ok).toMatchObject({ open: null });
  await bench.server.send('DELETE', '/api/session');
  bench.server.clock.pass(1001);
  expect((await desk.ask('happening', {})).refused).toMatchObject({ status: 401 });
  desk.end();
  await bench.server.signIn();
});

test('two who answer at once are both told, in one order', async () => {
  const { conversation } = await bench.follow();
  const [one, two] = [deskLine(), deskLine()];
  const answers = [message('It is open'), message('It is not')];
  await Promise.all(
    [one, two].map((desk, at) =>
      desk.ask('messages', { open: conversation, message: answers[at], note: false }),
    ),
  );
  const { body } = await bench.server.get(bench.desk(`/${conversation}`));
  expect(texts(body).slice(-2).toSorted()).toEqual(['It is not', 'It is open']);
  expect(texts(await bench.follow())).toEqual(texts(body));
  one.end();
  two.end();
});

test('an address has so many sockets open and no more; where one is closed another has its place', async () => {
  const lines: Line[] = [];
  let refused: { code: number; why: string } | undefined;
  while (!refused) {
    const line = visitorLine();
    lines.push(line);
    await line.open;
    refused = await Promise.race([line.closed, line.ask('follow', asking()).then(() => undefined)]);
  }
  expect(refused.code).toBe(1013);
  expect(refused.why).toMatch(/^Too many chats are open from this address/);
  expect(lines.length).toBeGreaterThan(150);
  expect(lines.length).toBeLessThanOrEqual(201);
  lines[0]?.end();
  await lines[0]?.closed;
  const next = visitorLine();
  expect((await next.ask('follow', asking())).ok).toBeDefined();
  for (const line of [...lines, next]) line.end();
  await Promise.all(lines.map(({ closed }) => closed));
});
