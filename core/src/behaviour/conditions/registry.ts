import { valueAt } from '../../base/maps/index.js';
import type { Static } from '@sinclair/typebox';
import type { ConditionKind } from '../condition.js';
import { address, addressSpec } from './address.js';
import { pagesSeen, pagesSeenSpec } from './pages-seen.js';
import { width, widthSpec } from './width.js';

// Two lists, so that a page loads how a kind behaves without what the studio says about it. The compiler asks for each kind
// in both.

/** What the document and the studio know of each kind of condition. */
export const conditionSpecs = [addressSpec, widthSpec, pagesSeenSpec] as const;

export type Condition = Static<ReturnType<(typeof conditionSpecs)[number]['schema']>>;

const kinds: { readonly [T in Condition['type']]: ConditionKind<Extract<Condition, { type: T }>> } = {
  address,
  width,
  'pages-seen': pagesSeen,
};

/** How a condition is tested; one of a newer version, whose kind is not known here, holds for nobody. */
export const kindOf = (condition: Condition): ConditionKind<Condition> =>
  (valueAt(kinds, condition.type) as ConditionKind<Condition> | undefined) ?? unknownKind;

const unknownKind: ConditionKind<Condition> = { compile: () => () => false };
