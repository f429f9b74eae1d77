import { oneOf } from '../../base/schema/index.js';
import { listed } from '../../base/measure/listed.js';
import { axis, remembering } from '../axis.js';
import type { ConditionKind } from '../condition.js';
import type { PageVisit } from '../page.js';
import { defineRule, ruleSchema } from '../rule-spec.js';
import { texts } from '../schemas.js';

const ways = ['sites', 'any', 'direct'] as const;

export interface ReferrerCondition {
  type: 'referrer';
  /** From one of the sites named, from any other site, or from none. */
  way: (typeof ways)[number];
  /** Hosts; one covers its subdomains. */
  sites: string[];
}

/** The site that led the visitor here at the start of the visit. */
export const referrer: ConditionKind<ReferrerCondition> = {
  compile({ way, sites }) {
    if (way !== 'sites') return ({ memory }) => (memory.from === '') === (way === 'direct');
    const ends = sites.map((site) => `.${site.toLowerCase()}`);
    return ({ memory }) => ends.some((end) => `.${memory.from}`.endsWith(end));
  },
};

export const referrerSpec = defineRule({
  type: 'referrer',
  label: 'Referrer',
  settled: true,
  schema: () => ruleSchema('referrer', { way: oneOf(ways), sites: texts(50, 200) }),
  create: () => ({ type: 'referrer', way: 'any', sites: [] }),
  phrase: ({ way, sites }: ReferrerCondition) =>
    way === 'direct'
      ? 'who came directly'
      : `who came from ${way === 'any' ? 'another site' : listed(sites, 'or') || '(no site named yet)'}`,
  found: ({ memory }: PageVisit) => memory.from || 'no other site',
  problems: ({ sites }: ReferrerCondition) =>
    sites
      .filter((site) => !/^[a-z0-9-]+(\.[a-z0-9-]+)*$/i.test(site))
      .map((site) => ['sites', `has “${site.slice(0, 40)}”, which is not a domain such as news.example`]),
  axis: ({ sites }: ReferrerCondition) =>
    axis(
      'from',
      ['', 'another.example', ...sites.map((site) => site.toLowerCase())],
      (from) => (from ? `came from ${from}` : 'came directly'),
      (visit, from) => remembering(visit, { from }),
    ),
  fields: [
    {
      key: 'way',
      label: 'Came from',
      choice: { any: 'Any other site', sites: 'These sites', direct: 'No site (direct)' },
    },
    {
      key: 'sites',
      label: 'These sites',
      list: 200,
      help: 'One domain per line, such as news.example. Kept for the visit.',
    },
  ],
});
