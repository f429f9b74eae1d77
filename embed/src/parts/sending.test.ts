import { noMemory } from '@sirene/core/behaviour';
import type { FormRule } from '@sirene/core/form';
import { jest } from '@jest/globals';
import { showFaults, submit } from './checks.js';
import * as part from './form.js';
import { send as post, sendUnsent } from './sending.js';
import { memoryOf, unsentOf } from '../storage.js';

const rule: FormRule = {
  fields: [
    {
      element: 'e1',
      key: 'email',
      kind: 'email',
      label: 'E-mail',
      required: true,
      maxLength: 254,
      messages: { malformed: 'Please check the address' },
    },
  ],
};

let answers: (() => Promise<{ ok: boolean; status: number; json(): Promise<unknown> }>)[];
let sent: { id: string; work: string; values: Record<string, string> }[];
let done = 0;
const prove = (_: string, bits = 12) => Promise.resolve(`proof of ${bits}`);

const ok = () => Promise.resolve({ ok: true, status: 202, json: () => Promise.resolve({}) });
const down = () => Promise.reject(new Error('offline'));
const status =
  (code: number, body: unknown = {}) =>
  () =>
    Promise.resolve({ ok: false, status: code, json: () => Promise.resolve(body) });

beforeEach(() => {
  jest.useFakeTimers();
  localStorage.clear();
  sessionStorage.clear();
  [answers, sent, done] = [[], [], 0];
  Object.assign(globalThis, {
    fetch: (_: string, { body }: { body: string }) => {
      sent.push(JSON.parse(body) as (typeof sent)[number]);
      return (answers.shift() ?? ok)();
    },
  });
  document.body.innerHTML = `<form data-e="f" data-failed="Did not go through">
    <div data-e="e1"><input name="email"><p id="e1-error"></p></div><p class="status"></p></form>`;
});
afterEach(() => jest.useRealTimers());

const form = () => document.querySelector('form') as HTMLFormElement;
const input = () => document.querySelector('input') as HTMLInputElement;
const said = () => document.querySelector('.status')?.textContent;
/** A form as a page with both parts has it. */
const port = (of = rule) => ({
  widget: 'w',
  rule: of,
  send: (values: Readonly<Record<string, string>>, secret: boolean, by: { trap: string; took: number }) =>
    post(form(), values, {
      address: '/c/k/submissions',
      site: 'k',
      widget: 'w',
      body: '/b/x.json',
      secret,
      by,
      prove,
      refused: (faults) => showFaults(form(), of, faults),
      done: () => done++,
    }),
});

async function send(email: string): Promise<void> {
  input().value = email;
  await submit(form(), port(), part);
}

test('a mistake is said beside its field and nothing is sent', async () => {
  await send('mira');
  expect(document.getElementById('e1-error')?.textContent).toMatch(/check the address/);
  expect(input().getAttribute('aria-invalid')).toBe('true');
  expect(document.activeElement).toBe(input());
  expect(sent).toEqual([]);
});

test('a mended mistake is forgiven while typing, and no new one is shown before sending', async () => {
  await send('mira');
  input().value = 'mira@x.example';
  form().dispatchEvent(new Event('input'));
  expect(document.getElementById('e1-error')?.textContent).toBe('');
  input().value = '';
  form().dispatchEvent(new Event('input'));
  expect(document.getElementById('e1-error')?.textContent).toBe('');
});

test('what is acknowledged is done and forgotten', async () => {
  await send('mira@x.example');
  expect(done).toBe(1);
  expect(sent).toEqual([
    expect.objectContaining({ widget: 'w', form: 'f', values: { email: 'mira@x.example' } }),
  ]);
  expect(sent[0]?.id).toMatch(/^[0-9a-f]{32}$/);
  expect(unsentOf('k').read()).toBeUndefined();
});

test.each([
  ['the network is down', down],
  ['the server is', status(503)],
  ['there were too many', status(429)],
])('when %s it is kept, said so, and tried again under the same id', async (_, failure) => {
  answers = [failure, failure];
  await send('mira@x.example');
  expect(said()).toBe('Did not go through');
  expect(unsentOf('k').read()).toHaveLength(1);
  await jest.advanceTimersByTimeAsync(2000);
  expect([sent.length, done]).toEqual([2, 0]);
  await jest.advanceTimersByTimeAsync(5000);
  expect([sent.length, done]).toEqual([3, 1]);
  expect(new Set(sent.map(({ id }) => id)).size).toBe(1);
  expect(unsentOf('k').read()).toBeUndefined();
});

test('pressed again with the same values it is the same submission; with others a new one', async () => {
  answers = [down, down, ok];
  await send('mira@x.example');
  await send('mira@x.example');
  await send('other@x.example');
  const [first, second, third] = sent.map(({ id }) => id);
  expect(second).toBe(first);
  expect(third).not.toBe(first);
  expect(done).toBe(1);
  expect(unsentOf('k').read()).toBeUndefined();
  await jest.advanceTimersByTimeAsync(60_000);
  expect(sent).toHaveLength(3);
});

test('what the server refuses is shown by field, and not kept', async () => {
  answers = [
    status(422, {
      faults: [{ element: 'e1', key: 'email', problem: 'malformed', message: 'No such place' }],
    }),
  ];
  await send('mira@x.example');
  expect(document.getElementById('e1-error')?.textContent).toBe('No such place');
  expect([done, unsentOf('k').read()]).toEqual([0, undefined]);
});

test('another refusal is said as it is', async () => {
  answers = [status(404, { message: 'widget is not known on this site' })];
  await send('mira@x.example');
  expect(said()).toBe('widget is not known on this site');
});

test('what an earlier page could not send goes out on the next', async () => {
  answers = [down];
  await send('mira@x.example');
  const [kept] = unsentOf('k').read() ?? [];
  answers = [down];
  await sendUnsent('/c/k/submissions', 'k', prove);
  expect(unsentOf('k').read()).toEqual([kept]);
  await sendUnsent('/c/k/submissions', 'k', prove);
  expect(sent.at(-1)).toEqual({ ...kept, work: 'proof of 12' });
  expect(unsentOf('k').read()).toBeUndefined();
});

test('a memory that somebody else wrote over is as if there were none', () => {
  localStorage.setItem('sirene:k', '"hello"');
  expect(memoryOf('k').read()).toBeUndefined();
  localStorage.setItem('sirene:k', '{broken');
  expect(memoryOf('k').read()).toBeUndefined();
  memoryOf('k').write({ ...noMemory, visits: 1 });
  expect(memoryOf('k').read()?.visits).toBe(1);
});

test('without storage the page’s own copy has to do', () => {
  const forbidden = () => {
    throw new Error('forbidden');
  };
  const spies = [jest.spyOn(Storage.prototype, 'setItem'), jest.spyOn(Storage.prototype, 'getItem')];
  spies.forEach((spy) => spy.mockImplementation(forbidden));
  const memory = memoryOf('k');
  memory.write({ ...noMemory, visits: 3 });
  expect(memory.read()?.visits).toBe(3);
  spies.forEach((spy) => spy.mockRestore());
});

test('a password is never kept in the page’s storage, and sent again all the same', async () => {
  const secret = {
    element: 'e2',
    key: 'pass',
    kind: 'password',
    label: 'Password',
    required: true,
    maxLength: 200,
    messages: {},
  };
  form().insertAdjacentHTML(
    'afterbegin',
    '<div data-e="e2"><input name="pass" type="password" value="open sesame"></div>',
  );
  answers = [down];
  (form().querySelector('[name=email]') as HTMLInputElement).value = 'mira@stone.example';
  await submit(form(), port({ fields: [...rule.fields, secret] }), part);
  expect(JSON.stringify({ ...localStorage })).not.toContain('sesame');
  expect(unsentOf('k').read() ?? []).toEqual([]);
  await jest.advanceTimersByTimeAsync(60_000);
  expect(sent).toHaveLength(2);
  expect(sent[1]?.values['pass']).toBe('open sesame');
  expect(done).toBe(1);
});

test('what is sent shows its work; under attack it is sent once more with as much as is asked for', async () => {
  answers = [status(428, { bits: 15 })];
  await send('mira@stone.example');
  expect(sent.map(({ work }) => work)).toEqual(['proof of 12', 'proof of 15']);
  expect(sent[0]?.id).toBe(sent[1]?.id);
  expect(done).toBe(1);
});

test('where the work can’t be done it is sent without', async () => {
  input().value = 'mira@stone.example';
  await submit(
    form(),
    {
      ...port(),
      send: (values, secret, by) =>
        post(form(), values, {
          ...{ address: '/c/k/submissions', site: 'k', widget: 'w', body: '/b/x.json', secret, by },
          prove: () => Promise.reject(new Error('no part')),
          refused: () => {},
          done: () => done++,
        }),
    },
    part,
  );
  expect([sent.map(({ work }) => work), done]).toEqual([[''], 1]);
});
