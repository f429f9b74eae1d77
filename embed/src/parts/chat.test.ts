import { jest } from '@jest/globals';
import type { ChatMessage } from '@sirene/core/chat';
import { chatMemoryOf } from '../storage.js';
import type { Mounted } from '../mount.js';
import { attach } from './chat.js';
import type { Attached, PartPage, PartWidget } from './part.js';

const words = {
  ...{ ended: 'It is over', typing: 'is typing', seen: 'Seen', thanks: 'Thank you', mailed: 'On its way' },
  ...{ sound: true, mute: 'Sound off', unmute: 'Sound on', badFile: 'Not this file', agree: 'Agree first' },
  classes: { received: 'said', sent: 'said mine' },
};
const panel = `<div data-chat='${JSON.stringify(words)}' data-failed="Did not go through">
  <div class="log" role="log"><p class="said">Good evening</p></div>
  <p class="sign"></p>
  <div class="asked">
    <label><input data-asked="name" aria-required="true"></label>
    <label><input type="email" data-asked="email" aria-required="true"></label>
    <label><select data-own="Topic"><option value=""></option><option>Tickets</option></select></label>
  </div>
  <p class="told"></p>
  <div class="write"><label><input type="file" data-file></label><textarea></textarea><button type="button">Send</button></div>
  <fieldset><button type="button" data-rate="1"></button><button type="button" data-rate="5"></button></fieldset>
  <button data-tool="end"></button><button data-tool="transcript"></button><button data-tool="sound"></button></div>`;
const folded = '<button class="launcher">Desk</button>';

let stored: ChatMessage[];
let sent: Record<string, unknown>[];
let state: string;
let wake: (() => void)[];
let refuses: { status: number; message: string } | null;
let told: Record<string, unknown>;
let done: [string, Record<string, unknown>][];
let attached: Attached;
let box: HTMLElement;

const message = (seq: number, from: ChatMessage['from'], text: string): ChatMessage => ({
  ...{ seq, from, text, id: `${seq}`.padStart(32, '0'), name: from === 'desk' ? 'Ada' : '', at: 0 },
});
const answer = (status: number, body: unknown) =>
  Promise.resolve({ ok: status < 300, status, json: () => Promise.resolve(body) });

beforeEach(() => {
  jest.useFakeTimers();
  localStorage.clear();
  document.title = 'Moor';
  [stored, sent, wake, state, refuses] = [[], [], [], 'none', null];
  [told, done] = [{}, []];
  Object.assign(globalThis, {
    // Where sockets are blocked it is asked by requests; the socket has its own tests.
    WebSocket: undefined,
    fetch: async (address: string, { body, signal }: { body: string; signal?: AbortSignal }) => {
      if (/\/(end|typing|rating|transcript)$/.test(address)) {
        if (refuses) return answer(refuses.status, { message: refuses.message });
        done.push([address.split('/').at(-1) ?? '', JSON.parse(body) as Record<string, unknown>]);
        return answer(204, null);
      }
      if (address.includes('/files?'))
        return refuses
          ? answer(refuses.status, { message: refuses.message })
          : answer(202, { id: 'f'.repeat(32), name: 'moon.png', type: 'image/png', bytes: 3 });
      const asked = JSON.parse(body) as {
        after: number;
        wait: boolean;
        message: { id: string; text: string; file?: string };
      };
      if (address.endsWith('/messages')) {
        if (refuses) return answer(refuses.status, { message: refuses.message });
        sent.push(asked as never);
        const { id, text, file } = asked.message;
        stored.push({
          ...{ ...message(stored.length + 1, 'visitor', text), id },
          ...(file && { file: { id: file, name: text, type: 'image/png', bytes: 3 } }),
        });
        state = 'waiting';
        return answer(202, {});
      }
      if (asked.wait && asked.after === stored.length)
        await new Promise<void>((go, end) => {
          wake.push(go);
          signal?.addEventListener('abort', () => end(new Error('ended')));
        });
      const messages = stored.filter(({ seq }) => seq > asked.after);
      return answer(200, {
        conversation: state === 'none' ? null : 'c1',
        ...{ state, desk: 'here', rating: null, typing: '', seen: 0, isHere: true, mark: 'm' },
        ...{ after: asked.after, messages, ...told },
      });
    },
  });
  document.body.innerHTML = '<div></div>';
  box = document.body.firstElementChild as HTMLElement;
});
afterEach(() => {
  attached.end();
  jest.useRealTimers();
});

const settle = () => jest.advanceTimersByTimeAsync(0);
async function begin(html: string, memory = chatMemoryOf('moor')): Promise<void> {
  box.innerHTML = html;
  const page = {
    ...{ chat: { address: '/c/moor/chat', memory }, identify: { value: { token: 'a.b.c' } } },
  } as unknown as PartPage;
  attached = attach({ box } as unknown as Mounted, page, { id: 'w' } as PartWidget);
  await settle();
}
const tell = async (one: ChatMessage) => {
  stored.push(one);
  wake.splice(0).forEach((go) => go());
  await settle();
};
const find = <E extends HTMLElement>(selector: string) => box.querySelector<E>(selector) as E;
const lines = () => [...box.querySelectorAll('.log p')].map(({ textContent }) => textContent);
async function say(text: string): Promise<void> {
  find<HTMLTextAreaElement>('textarea').value = text;
  find('.write > button').click();
  await settle();
}
function introduce(): void {
  find<HTMLInputElement>('[data-asked=name]').value = 'Mira';
  find<HTMLInputElement>('[data-asked=email]').value = 'mira@stone.example';
}

test('who one is is asked first; then what is written stands in the log, and the questions go', async () => {
  await begin(panel);
  await say('Hello');
  expect(sent).toEqual([]);
  expect(document.activeElement).toBe(find('[data-asked=name]'));
  expect(find('[data-asked=name]').getAttribute('aria-invalid')).toBe('true');
  introduce();
  find<HTMLInputElement>('[data-asked=email]').value = 'mira';
  await say('Hello');
  expect(document.activeElement).toBe(find('[data-asked=email]'));
  introduce();
  await say('Hello');
  expect(sent).toMatchObject([
    { name: 'Mira', email: 'mira@stone.example', answers: [], message: { text: 'Hello' } },
  ]);
  expect(lines()).toEqual(['Good evening', 'Hello']);
  expect(find('[data-chat]').dataset['stage']).toBe('waiting');
  expect(find<HTMLTextAreaElement>('textarea').value).toBe('');
});

test('what is answered comes at the end, with who wrote it; what stands there already is not moved', async () => {
  await begin(panel);
  introduce();
  await say('Hello');
  const before = box.querySelectorAll('.log p')[1];
  await tell(message(2, 'desk', '<b>Good</b> evening'));
  expect(lines()).toEqual(['Good evening', 'Hello', 'Ada<b>Good</b> evening']);
  expect(box.querySelector('b')).toBeNull();
  expect(box.querySelectorAll('.log p')[1]).toBe(before);
});

test('Enter sends, with Shift it begins a line, and while a text is composed it does neither', async () => {
  await begin(panel);
  introduce();
  const text = find<HTMLTextAreaElement>('textarea');
  const press = async (more: object) => {
    text.value = 'Hello';
    const event = new KeyboardEvent('keydown', { key: 'Enter', cancelable: true, ...more });
    text.dispatchEvent(event);
    await settle();
    return event.defaultPrevented;
  };
  expect(await press({ shiftKey: true })).toBe(false);
  expect(await press({ isComposing: true })).toBe(false);
  expect(sent).toHaveLength(0);
  expect(await press({})).toBe(true);
  expect(sent).toHaveLength(1);
});

test('nothing but spaces is not sent; what is refused says why and goes', async () => {
  await begin(panel);
  introduce();
  await say('   ');
  expect(sent).toHaveLength(0);
  refuses = { status: 400, message: 'text must not be longer' };
  await say('Too long');
  expect(find('.told').textContent).toBe('text must not be longer');
  expect(lines()).toEqual(['Good evening']);
});

test('a line that is cut says so, and is silent again once it is back', async () => {
  await begin(panel);
  introduce();
  refuses = { status: 503, message: '' };
  await say('Hello');
  expect(find('.told').textContent).toBe('Did not go through');
  expect(find('.waits').textContent).toBe('Hello');
  refuses = null;
  await jest.advanceTimersByTimeAsync(1500);
  expect([find('.told').textContent, box.querySelector('.waits')]).toEqual(['', null]);
  expect(lines()).toEqual(['Good evening', 'Hello']);
});

test('the number of a card goes once the server has stored it without', async () => {
  await begin(panel);
  introduce();
  await say('Hello');
  stored[0] = { ...(stored[0] as ChatMessage), text: '•••• 1111' };
  attached.end();
  await begin(panel);
  expect(lines()).toEqual(['Good evening', '•••• 1111']);
});

test('over, it says so, and the next message begins anew', async () => {
  await begin(panel);
  introduce();
  await say('Hello');
  state = 'closed';
  wake.splice(0).forEach((go) => go());
  await settle();
  expect(find('.told').textContent).toBe('It is over');
});

const press = async (selector: string) => {
  find(selector).click();
  await settle();
};
const again = async () => {
  wake.splice(0).forEach((go) => go());
  await settle();
};

test('who writes is said, and that what one wrote last was seen', async () => {
  await begin(panel);
  introduce();
  await say('Hello');
  told = { typing: 'Ada' };
  await again();
  expect(find('.sign').textContent).toBe('Ada is typing');
  told = { seen: 1 };
  await again();
  expect(find('.sign').textContent).toBe('Seen');
  await tell(message(2, 'desk', 'Good evening'));
  expect(find('.sign').textContent).toBe('');
});

test('keys are told of once in a while, and not before there is a conversation', async () => {
  await begin(panel);
  const type = () => find('textarea').dispatchEvent(new Event('input'));
  type();
  introduce();
  await say('Hello');
  type();
  type();
  await jest.advanceTimersByTimeAsync(3100);
  type();
  await settle();
  expect(done.map(([deed]) => deed)).toEqual(['typing', 'typing']);
});

test('a file is sent ahead of its message; one that is refused is said of', async () => {
  await begin(panel);
  introduce();
  const choose = async () => {
    const picker = find<HTMLInputElement>('[data-file]');
    Object.defineProperty(picker, 'files', { value: [new File(['x'], 'moon.png')], configurable: true });
    Object.defineProperty(picker, 'value', { value: '', writable: true, configurable: true });
    picker.dispatchEvent(new Event('change'));
    await settle();
    await settle();
  };
  await choose();
  expect(sent).toMatchObject([{ message: { text: 'moon.png', file: 'f'.repeat(32) }, name: 'Mira' }]);
  expect(find<HTMLImageElement>('.log img').src).toContain(`/c/moor/chat/files/${'f'.repeat(32)}`);
  refuses = { status: 415, message: 'none of: jpg' };
  await choose();
  expect(find('.told').textContent).toBe('Not this file');
  expect(sent).toHaveLength(1);
});

test('it is ended, rated and mailed as the visitor wishes, and each is answered', async () => {
  await begin(panel);
  introduce();
  await say('Hello');
  await press('[data-tool=end]');
  expect(done.at(-1)).toMatchObject(['end', { widget: 'w' }]);
  state = 'closed';
  await again();
  expect(find('[data-chat]').dataset['stage']).toBe('closed');
  told = { rating: 5 };
  await press('[data-rate="5"]');
  expect(done.at(-1)).toMatchObject(['rating', { rating: 5 }]);
  await again();
  expect(find('.told').textContent).toBe('Thank you');
  expect(find('[data-rate="1"]').getAttribute('aria-pressed')).toBe('true');
  await press('[data-tool=transcript]');
  expect(find('.told').textContent).toBe('On its way');
  refuses = { status: 400, message: 'email is not known' };
  await press('[data-tool=transcript]');
  expect(find('.told').textContent).toBe('email is not known');
});

test('sound is switched off for this browser, and stays so', async () => {
  await begin(panel);
  expect(find('[data-tool=sound]').textContent).toBe('Sound off');
  await press('[data-tool=sound]');
  expect(find('[data-tool=sound]').textContent).toBe('Sound on');
  attached.end();
  await begin(panel);
  expect(find('[data-tool=sound]').textContent).toBe('Sound on');
});

test('what the site’s server has signed goes along; how the desk stands is said', async () => {
  told = { desk: 'closed' };
  await begin(panel);
  await settle();
  expect(find('[data-chat]').dataset['desk']).toBe('closed');
  introduce();
  find<HTMLSelectElement>('[data-own]').value = 'Tickets';
  await say('Hello');
  expect(sent).toMatchObject([{ identity: 'a.b.c', answers: [{ label: 'Topic', value: 'Tickets' }] }]);
});

test('folded up it counts what is new, upon the launcher and in the title; opened, it is seen', async () => {
  const memory = chatMemoryOf('moor');
  memory.write({ token: 'a'.repeat(32), seen: { c0: 7, c1: 1 } });
  state = 'open';
  stored = [message(1, 'visitor', 'Hello'), message(2, 'desk', 'Good evening')];
  await begin(folded, memory);
  expect(find('[data-news]').textContent).toBe('(1)');
  expect(document.title).toBe('(1) Moor');
  await tell(message(3, 'desk', 'Are you there?'));
  expect([find('[data-news]').textContent, document.title]).toEqual(['(2)', '(2) Moor']);
  // What the page writes meanwhile is its own.
  document.title = 'Tonight';
  box.innerHTML = panel;
  attached.written?.();
  await settle();
  expect(document.title).toBe('Tonight');
  expect(lines()).toEqual(['Good evening', 'Hello', 'AdaGood evening', 'AdaAre you there?']);
  expect(memory.read()?.seen).toEqual({ c0: 7, c1: 3 });
  box.innerHTML = folded;
  attached.written?.();
  expect(box.querySelector('[data-news]')).toBeNull();
});

test('who has never written is asked of nothing while it is folded up, and a try has nobody to write to', async () => {
  const fetching = jest.spyOn(globalThis, 'fetch');
  await begin(folded);
  expect(fetching).not.toHaveBeenCalled();
  box.innerHTML = panel;
  attached = attach({ box } as unknown as Mounted, {} as PartPage, { id: 'w' } as PartWidget);
  find('.write > button').click();
  await settle();
  expect(fetching).not.toHaveBeenCalled();
});

test.each([
  ['nothing', null],
  ['a text', '"abc"'],
  ['a token that is none', '{"token":"abc","seen":{}}'],
  ['no JSON', '{'],
])('a memory that is %s is none', (_, kept) => {
  attached = { end: () => {} };
  if (kept) localStorage.setItem('sirene:moor:chat', kept);
  expect(chatMemoryOf('moor').read()).toBeUndefined();
});
