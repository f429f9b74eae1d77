import { chatSamples, sampleChat, type ChatSample } from './sample.js';

const all = Object.keys(chatSamples) as ChatSample[];

test.each(all)('%s is a conversation in order, of nobody', (sample) => {
  const { messages, seen } = sampleChat(sample);
  expect(messages.map(({ seq }) => seq)).toEqual(messages.map((_, at) => at + 1));
  expect(seen).toBeLessThanOrEqual(messages.length);
});

test('each looks another way', () => {
  expect(new Set(all.map((sample) => JSON.stringify(sampleChat(sample)))).size).toBe(all.length);
});
