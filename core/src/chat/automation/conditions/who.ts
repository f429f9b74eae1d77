import { choiceCondition } from './choice-condition.js';

/** A condition on whether the site has signed in who writes. */
export const { kind: who, spec: whoSpec } = choiceCondition(
  'who',
  'Visitor',
  { member: 'Signed-in member', guest: 'Anybody else' },
  { member: 'a signed-in member writes', guest: 'nobody signed in writes' },
  ({ isMember }) => (isMember ? 'member' : 'guest'),
);
