import type { Static } from '@sinclair/typebox';
import type { ConditionKind } from '../condition.js';
import { address, addressSpec } from './address.js';
import { pagesSeen, pagesSeenSpec } from './pages-seen.js';
import { width, widthSpec } from './width.js';

// Two lists, so that the page loads how a kind behaves without what the studio says about it.

/** How each kind of condition is tested. A condition never reaches a kind other than its own. */
// eslint-disable-next-line @typescript-eslint/no-explicit-any
export const conditionKinds: Readonly<Record<string, ConditionKind<any>>> = {
  address,
  width,
  'pages-seen': pagesSeen,
};

/** How the studio offers each kind of condition. */
export const conditionSpecs = [addressSpec, widthSpec, pagesSeenSpec] as const;

export type Condition = Static<ReturnType<(typeof conditionSpecs)[number]['schema']>>;
