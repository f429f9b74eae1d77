import { oneOf } from '../../base/schema/index.js';
import { listed } from '../../base/measure/listed.js';
import { signalling } from '../axis.js';
import type { ConditionKind } from '../condition.js';
import type { PageVisit } from '../page.js';
import { defineRule, ruleSchema } from '../rule-spec.js';
import { texts } from '../schemas.js';

export interface ListsCondition {
  type: 'lists';
  /** On at least one of them, or on none. */
  is: 'on' | 'off';
  lists: string[];
}

/** The visitor is on one of these mailing lists, as the page tells it. */
export const lists: ConditionKind<ListsCondition> = {
  compile(condition) {
    const on = condition.is === 'on';
    return (visit) => condition.lists.some((list) => visit.signals.lists.includes(list)) === on;
  },
};

export const listsSpec = defineRule({
  type: 'lists',
  label: 'Mailing lists',
  watches: ['identify'],
  schema: () => ruleSchema('lists', { is: oneOf(['on', 'off']), lists: texts(50, 80) }),
  create: () => ({ type: 'lists', is: 'off', lists: ['newsletter'] }),
  phrase: ({ is, lists: named }: ListsCondition) =>
    `who are ${is === 'on' ? '' : 'not '}on the list ${listed(named, 'or') || '(none named yet)'}`,
  found: (visit: PageVisit) =>
    visit.signals.lists.length > 0 ? `on ${listed(visit.signals.lists, 'and')}` : 'on no list',
  axis: ({ lists: named }: ListsCondition) => ({
    key: 'lists',
    values: [],
    parts: named,
    made: (names) => ({
      id: JSON.stringify(names),
      words: names.length > 0 ? `on ${listed(names, 'and')}` : 'on no list',
      set: (visit) => signalling(visit, { lists: names }),
    }),
  }),
  fields: [
    { key: 'is', label: 'Visitor is', choice: { on: 'On one of them', off: 'On none of them' } },
    {
      key: 'lists',
      label: 'Lists',
      list: 80,
      help: 'One name per line, as the page tells it with sirene.identify({ lists: […] }).',
    },
  ],
});
