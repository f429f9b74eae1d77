import { choiceCondition } from './choice-condition.js';

/** A condition on the way by which they write. */
export const { kind: channel, spec: channelSpec } = choiceCondition(
  'channel',
  'Channel',
  { page: 'On the page', messenger: 'By messenger' },
  { page: 'they write on the page', messenger: 'they write by messenger' },
  (facts) => facts.channel,
);
