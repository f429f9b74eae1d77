import { choiceCondition } from './choice-condition.js';

/** A condition on how the desk stands. */
export const { kind: desk, spec: deskSpec } = choiceCondition(
  'desk',
  'Desk',
  { here: 'Online', away: 'Away', closed: 'Closed' },
  { here: 'somebody is at the desk', away: 'nobody is at the desk', closed: 'the desk is closed' },
  (facts) => facts.desk,
);
