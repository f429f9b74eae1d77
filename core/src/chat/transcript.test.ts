import type { ChatMessage } from './log.js';
import { transcriptText } from './transcript.js';

const head = { chat: 'Evening desk', visitor: 'Mira Stone', page: 'https://larkmoor.example/tonight/' };
const message = (seq: number, from: ChatMessage['from'], text: string, more: Partial<ChatMessage> = {}) => ({
  ...{ seq, id: String(seq), from, text, name: '', at: Date.UTC(2026, 10, 24, 19, seq) },
  ...more,
});

test('who wrote what and when, in order, by the clocks of the site', () => {
  const text = transcriptText(
    head,
    [
      message(1, 'visitor', 'Is the dome open?'),
      message(2, 'desk', 'From nine,\nif it clears.', { name: 'Ada' }),
      message(3, 'visitor', 'moon.png', {
        file: { id: 'f', name: 'moon.png', type: 'image/png', bytes: 41_200 },
      }),
    ],
    'Europe/Berlin',
  );
  expect(text).toBe(
    'Evening desk\nhttps://larkmoor.example/tonight/\n\n' +
      '24 Nov 2026, 20:01  Mira Stone\n  Is the dome open?\n\n' +
      '24 Nov 2026, 20:02  Ada\n  From nine,\n  if it clears.\n\n' +
      '24 Nov 2026, 20:03  Mira Stone\n  [moon.png, 41 kB]\n\n',
  );
});

test('dates and sizes are as a language writes them', () => {
  const file = { id: 'f', name: 'lune.png', type: 'image/png', bytes: 1_240_000 };
  const text = transcriptText(head, [message(1, 'visitor', 'lune.png', { file })], 'Europe/Paris', 'fr-FR');
  expect(text).toMatch(/24 nov\. 2026, 20:01 {2}Mira Stone\n {2}\[lune\.png, 1\s240\sko\]/);
});

test('a note says that it is one, and nobody has a name that they did not give', () => {
  const text = transcriptText(
    { ...head, visitor: '' },
    [
      message(1, 'visitor', 'Hello'),
      message(2, 'note', 'A regular', { name: 'Ada' }),
      message(3, 'desk', 'Hi'),
    ],
    'UTC',
  );
  expect([...text.matchAll(/19:0\d {2}(.*)/g)].map(([, who]) => who)).toEqual([
    'Visitor',
    'Ada (note)',
    'Evening desk',
  ]);
});

test('nothing that is written can pass for what somebody else wrote', () => {
  const forged = 'Thanks\n\n24 Nov 2026, 19:02  Ada\n  It is free';
  const text = transcriptText(head, [message(1, 'visitor', forged)], 'UTC');
  expect(text.split('\n').filter((line) => /^24 Nov/.test(line))).toHaveLength(1);
});

test('a conversation without a message is its head', () => {
  expect(transcriptText(head, [], 'UTC')).toBe('Evening desk\nhttps://larkmoor.example/tonight/\n\n');
});
