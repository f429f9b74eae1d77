import { oneOf } from '../../base/schema/index.js';
import { axis, signalling } from '../axis.js';
import type { ConditionKind } from '../condition.js';
import type { PageVisit } from '../page.js';
import { defineRule, ruleSchema } from '../rule-spec.js';

export interface MemberCondition {
  type: 'member';
  is: 'member' | 'guest';
}

/** The page knows the visitor as one of its members, or does not. */
export const member: ConditionKind<MemberCondition> = {
  compile:
    ({ is }) =>
    (visit) =>
      visit.signals.member === (is === 'member'),
};

export const memberSpec = defineRule({
  type: 'member',
  label: 'Member or guest',
  watches: ['identify'],
  schema: () => ruleSchema('member', { is: oneOf(['member', 'guest']) }),
  create: () => ({ type: 'member', is: 'guest' }),
  phrase: ({ is }: MemberCondition) => (is === 'member' ? 'who are members' : 'who are not members'),
  found: (visit: PageVisit) => (visit.signals.member ? 'a member' : 'a guest'),
  axis: () =>
    axis(
      'member',
      [true, false],
      (isMember) => (isMember ? 'a member' : 'not a member'),
      (visit, isMember) => signalling(visit, { member: isMember }),
    ),
  fields: [
    {
      key: 'is',
      label: 'Visitor is',
      choice: { member: 'A member', guest: 'A guest' },
      help: 'The page says who is signed in with sirene.identify().',
    },
  ],
});
