import fc from 'fast-check';
import { Value } from '@sinclair/typebox/value';
import { placeOf } from '../../behaviour/index.js';
import {
  automationProblems,
  automationSchema,
  automationTitle,
  chatConditionSpecs,
  chatConditionWords,
  deeds,
  holdsFor,
  type Automation,
  type ChatFacts,
  type ChatTree,
} from './index.js';

const facts: ChatFacts = {
  text: 'My LAMP has not arrived',
  place: placeOf('https://larkmoor.example/shop/lamp/'),
  answers: [{ label: 'Topic', value: 'Delivery' }],
  isMember: false,
  channel: 'page',
  desk: 'away',
  tags: ['Shop'],
};
const holds = (tree: ChatTree, more: Partial<ChatFacts> = {}) =>
  holdsFor({ if: tree })({ ...facts, ...more });

test.each<[string, ChatTree, boolean]>([
  ['words of the message', { type: 'said', how: 'contains', value: 'lamp' }, true],
  ['other words', { type: 'said', how: 'contains', value: 'telescope' }, false],
  ['an answer before', { type: 'asked', question: 'topic', how: 'one-of', value: 'Return, Delivery' }, true],
  ['a question nobody asked', { type: 'asked', question: 'Colour', how: 'equals', value: 'Red' }, false],
  ['the page', { type: 'address', include: ['/shop/*'], exclude: [] }, true],
  ['a page that is left out', { type: 'address', include: [], exclude: ['/shop/*'] }, false],
  ['a guest', { type: 'who', is: 'guest' }, true],
  ['the messenger', { type: 'channel', is: 'messenger' }, false],
  ['the desk', { type: 'desk', is: 'away' }, true],
  ['a tag, in whatever letters', { type: 'tagged', tag: 'shop' }, true],
  [
    'all of several',
    {
      all: [
        { type: 'who', is: 'guest' },
        { type: 'desk', is: 'here' },
      ],
    },
    false,
  ],
  [
    'any of several',
    {
      any: [
        { type: 'who', is: 'guest' },
        { type: 'desk', is: 'here' },
      ],
    },
    true,
  ],
  ['none of several', { none: [{ type: 'tagged', tag: 'press' }] }, true],
])('an automation goes by %s', (_, tree, expected) => {
  expect(holds(tree)).toBe(expected);
});

test('without conditions it always holds', () => {
  expect(holdsFor({})(facts)).toBe(true);
});

test('every kind of condition is created whole, and says itself in words', () => {
  for (const spec of chatConditionSpecs) {
    const made = spec.create();
    expect(Value.Check(spec.schema(), made)).toBe(true);
    expect(chatConditionWords(made as { type: string })).toMatch(/\w/);
  }
});

test('“none” is the opposite of “any”, whatever is asked', () => {
  const leaf = fc.constantFrom<ChatTree>(
    { type: 'who', is: 'guest' },
    { type: 'tagged', tag: 'Press' },
    { type: 'said', how: 'contains', value: 'lamp' },
    { type: 'channel', is: 'messenger' },
  );
  fc.assert(
    fc.property(fc.array(leaf), fc.boolean(), fc.string(), (leaves, isMember, text) => {
      expect(holds({ none: leaves }, { isMember, text })).toBe(!holds({ any: leaves }, { isMember, text }));
    }),
  );
});

test('what an automation lacks is said, and where', () => {
  const problems = (more: Partial<Automation>) =>
    automationProblems({ when: 'begins', do: 'close', value: '', ...more });
  expect(problems({})).toEqual([]);
  expect(problems({ do: 'tell', value: 'nobody' })).toEqual([['value', 'is not an e-mail address']]);
  expect(problems({ do: 'say' })).toEqual([['value', 'is empty']]);
  expect(problems({ do: 'tag', value: 'x'.repeat(41) })).toEqual([['value', 'is longer than 40 characters']]);
  expect(problems({ if: { any: [{ type: 'said', how: 'more', value: 'x' }] } })).toEqual([
    ['if', 'value must be a number to be compared with more or less'],
  ]);
});

test('each says what it does in a few words', () => {
  for (const name of Object.keys(deeds) as (keyof typeof deeds)[]) {
    const one: Automation = { when: 'unanswered', minutes: 5, do: name, value: 'desk@larkmoor.example' };
    expect(automationTitle(one)).toMatch(/^No answer for 5 min: \w/);
    expect(Value.Check(automationSchema(), one)).toBe(true);
  }
});
