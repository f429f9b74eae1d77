import { valueAt } from '../../base/maps/index.js';
import type { Static } from '@sinclair/typebox';
import type { ConditionKind } from '../condition.js';
import { acted, actedSpec } from './acted.js';
import { address, addressSpec } from './address.js';
import { basket, basketSpec } from './basket.js';
import { campaign, campaignSpec } from './campaign.js';
import { device, deviceSpec } from './device.js';
import { fact, factSpec } from './fact.js';
import { hours, hoursSpec } from './hours.js';
import { language, languageSpec } from './language.js';
import { lists, listsSpec } from './lists.js';
import { member, memberSpec } from './member.js';
import { pageType, pageTypeSpec } from './page-type.js';
import { pagesSeen, pagesSeenSpec } from './pages-seen.js';
import { pages, pagesSpec } from './pages.js';
import { referrer, referrerSpec } from './referrer.js';
import { returning, returningSpec } from './returning.js';
import { visits, visitsSpec } from './visits.js';
import { width, widthSpec } from './width.js';

// Two lists, so that a page loads how a kind behaves without what the studio says about it. The compiler asks for each kind
// in both.

/** What the document and the studio know of each kind of condition. */
export const conditionSpecs = [
  addressSpec,
  pageTypeSpec,
  pagesSpec,
  deviceSpec,
  widthSpec,
  languageSpec,
  referrerSpec,
  campaignSpec,
  returningSpec,
  visitsSpec,
  pagesSeenSpec,
  memberSpec,
  listsSpec,
  basketSpec,
  actedSpec,
  factSpec,
  hoursSpec,
] as const;

export type Condition = Static<ReturnType<(typeof conditionSpecs)[number]['schema']>>;

const kinds: { readonly [T in Condition['type']]: ConditionKind<Extract<Condition, { type: T }>> } = {
  address,
  'page-type': pageType,
  pages,
  device,
  width,
  language,
  referrer,
  campaign,
  returning,
  visits,
  'pages-seen': pagesSeen,
  member,
  lists,
  basket,
  acted,
  fact,
  hours,
};

/** How a condition is tested; one of a newer version, whose kind is not known here, holds for nobody. */
export const kindOf = (condition: Condition): ConditionKind<Condition> =>
  (valueAt(kinds, condition.type) as ConditionKind<Condition> | undefined) ?? unknownKind;

const unknownKind: ConditionKind<Condition> = { compile: () => () => false };
