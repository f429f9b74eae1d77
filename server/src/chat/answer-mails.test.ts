import { createTransport } from 'nodemailer';
import { answerAbove } from '@sirene/core/chat';
import { MailSink } from '../standins/mail-sink.js';
import { TestChat, texts, token } from '../testing/chat.js';

// The mail stand-in takes what is sent, and what the visitor answers.
const smtpPort = 4500 + (process.pid % 400);
let bench: TestChat;
beforeAll(async () => {
  bench = await TestChat.start(
    {},
    {
      standinSmtpPort: smtpPort,
      smtpUrl: `smtp://127.0.0.1:${smtpPort}`,
      mailFrom: 'Sirene <post@sirene.example>',
    },
  );
});
afterAll(() => bench.server.stop());

interface Mail {
  subject: string;
  recipients: string[];
  text: string;
  headers: { name: string; value: string }[];
}
const mails = async (): Promise<Mail[]> => {
  const { body } = await bench.server.get('/api/post');
  return Promise.all(
    body.map(async ({ id }: { id: string }) => (await bench.server.get(`/api/post/${id}`)).body as Mail),
  );
};
/** Where an answer to a mail of ours goes. */
const replyAddress = ({ headers }: Mail): string => {
  const value = headers.find(({ name }) => name === 'reply-to')?.value ?? '';
  return /<(.+)>/.exec(value)?.[1] ?? value;
};
async function until<T>(look: () => Promise<T | undefined>): Promise<T> {
  for (let times = 0; times < 100; times++) {
    const found = await look();
    if (found !== undefined) return found;
    await new Promise((done) => setTimeout(done, 50));
  }
  throw new Error('It never came');
}
async function writeBack(to: string, text: string, messageId: string): Promise<void> {
  const transport = createTransport({ host: '127.0.0.1', port: bench.server.app.get(MailSink).port });
  await transport.sendMail({ from: 'mira@stone.example', to, subject: 'Re: Evening desk', text, messageId });
  transport.close();
}

test('who has gone is answered by mail, and what they answer stands in the conversation, once', async () => {
  await bench.say('Is the dome open tonight?', { name: 'Mira Stone', email: 'mira@stone.example' });
  const [{ id }] = await bench.going();
  await bench.answer(id, 'From nine, if it clears.');
  const mail = await until(async () => (await mails())[0]);
  expect(mail).toMatchObject({ subject: 'Evening desk: Larkmoor', recipients: ['mira@stone.example'] });
  expect(mail.text).toContain('From nine, if it clears.');
  const address = replyAddress(mail);
  expect(address).toMatch(/^post\+chat-[0-9a-f]{32}@sirene\.example$/);

  const text = `Then I am coming.\n\nOn Tuesday Evening desk wrote:\n> ${answerAbove('en')}\n>\n> From nine, if it clears.`;
  for (let times = 0; times < 2; times++) await writeBack(address, text, '<a1@stone.example>');
  const { messages } = await bench.follow();
  expect(texts({ messages })).toEqual([
    'Is the dome open tonight?',
    'From nine, if it clears.',
    'Then I am coming.',
  ]);
  expect(messages.at(-1)).toMatchObject({ from: 'visitor', name: 'Mira Stone' });
});

test('an answer to what has ended opens it again; another address reaches nothing', async () => {
  const [{ id }] = await bench.going();
  await bench.change(id, { state: 'closed' });
  const sent = await mails();
  const address = replyAddress(sent.at(-1) as Mail);
  await writeBack(address.replace(/-[0-9a-f]{32}/, `-${'0'.repeat(32)}`), 'Me too', '<a2@stone.example>');
  expect(await bench.going()).toEqual([]);
  await writeBack(address, 'One more thing', '<a3@stone.example>');
  expect(await bench.going()).toMatchObject([{ id, state: 'waiting', last: { text: 'One more thing' } }]);
});

test('who is there is not mailed; the whole is, when they wish', async () => {
  const [{ id }] = await bench.going();
  const known = await bench.follow();
  const before = (await mails()).length;
  const waiting = bench.follow({
    wait: true,
    after: known.messages.at(-1).seq,
    mark: known.mark,
    conversation: id,
  });
  await new Promise((done) => setTimeout(done, 100));
  await bench.answer(id, 'You are there, I see');
  await waiting;
  const asked = { token, widget: bench.there.widget };
  expect((await bench.chat('transcript', asked)).status).toBe(204);
  const mail = await until(async () => {
    const all = await mails();
    return all.length > before ? all.find(({ text }) => text.includes('You are there')) : undefined;
  });
  expect(mail.text).toMatch(/Mira Stone\n\s+Is the dome open tonight\?/);
  expect((await mails()).length).toBe(before + 1);
  expect((await bench.chat('transcript', { ...asked, token: 'b'.repeat(32) })).status).toBe(404);
});
