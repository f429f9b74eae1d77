import { buildWidget, countdown, email, form, heading, send } from '../../library/sketch/index.js';
import {
  createPlacement,
  placementDefinitions,
  rims,
  type PlacementType,
  placementPhrase,
} from '../../document/placement/index.js';
import type { Trigger } from '../../behaviour/index.js';
import { ruleSentence, triggerPhrase } from './index.js';

test.each<[Trigger, string]>([
  [{ type: 'load' }, 'on page load'],
  [{ type: 'delay', seconds: 1 }, '1 s after page load'],
  [{ type: 'delay', seconds: 8 }, '8 s after page load'],
  [{ type: 'scroll', share: 0.333 }, 'at 33 % scroll depth'],
  [{ type: 'leave' }, 'on exit intent'],
  [{ type: 'asked' }, 'when the page opens it'],
  [{ type: 'link' }, 'when a link to it is followed'],
])('%j', (trigger, words) => {
  expect(triggerPhrase(trigger)).toBe(words);
});

test.each(Object.keys(placementDefinitions) as PlacementType[])('%s is said in words of its own', (type) => {
  const words = placementPhrase(createPlacement(type));
  expect(words).toMatch(/^(in|at|on|over|as|from|inline|anchored|below|above|behind)\b/);
  expect(words).not.toMatch(/undefined|\[|\{/);
});

test('each of the eight places is said differently', () => {
  const words = rims.map((at) => placementPhrase({ ...createPlacement('corner'), at } as never));
  expect(new Set(words).size).toBe(8);
  expect(words[0]).toBe('in the top left corner');
  expect(words[1]).toBe('at the top edge');
});

test.each([
  [
    {
      triggers: {
        all: [
          { type: 'delay', seconds: 5 },
          { type: 'scroll', share: 0.5 },
        ],
      },
    },
    /5 s after page load and at 50 % scroll depth/,
  ],
  [{ triggers: { any: [{ type: 'leave' }, { type: 'load' }] } }, /on exit intent or on page load/],
  [{ frequency: { per: 'days', days: 1 } }, /at most once per day/],
  [{ frequency: { per: 'days', days: 7 } }, /at most once per week/],
  [{ frequency: { per: 'days', days: 10 } }, /at most once every 10 days/],
  [
    { targeting: { all: [{ type: 'address', include: [], exclude: ['/till'] }] } },
    /every page except \/till/,
  ],
] as const)('%j', (behaviour, words) => {
  const document = buildWidget({
    name: 'Any',
    kind: 'popup',
    placement: { type: 'centre' },
    opening: [heading('Hello'), countdown('2027-01-01T10:00'), form([email(), send('Go')])],
    behaviour: behaviour as never,
  });
  expect(ruleSentence(document)).toMatch(words);
});
