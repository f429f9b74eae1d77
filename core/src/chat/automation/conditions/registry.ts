import type { Static } from '@sinclair/typebox';
import type { PageVisit } from '../../../behaviour/page.js';
import { address, addressSpec } from '../../../behaviour/conditions/address.js';
import type { ChatConditionKind } from '../facts.js';
import { asked, askedSpec } from './asked.js';
import { channel, channelSpec } from './channel.js';
import { desk, deskSpec } from './desk.js';
import { said, saidSpec } from './said.js';
import { tagged, taggedSpec } from './tagged.js';
import { who, whoSpec } from './who.js';

/** Every kind of condition on a conversation. A new one is its file and a line in both lists. */
export const chatConditionSpecs = [
  saidSpec,
  askedSpec,
  addressSpec,
  whoSpec,
  channelSpec,
  deskSpec,
  taggedSpec,
] as const;

export type ChatCondition = Static<ReturnType<(typeof chatConditionSpecs)[number]['schema']>>;

export const chatConditionKinds: {
  readonly [T in ChatCondition['type']]: ChatConditionKind<Extract<ChatCondition, { type: T }>>;
} = {
  said,
  asked,
  who,
  channel,
  desk,
  tagged,
  // The page from which they write, as widgets are aimed at pages.
  address: {
    compile(condition) {
      // It asks for the page's address and nothing else.
      const test = address.compile(condition, { idOf: () => undefined });
      return ({ place }) => test(place as PageVisit);
    },
  },
};
