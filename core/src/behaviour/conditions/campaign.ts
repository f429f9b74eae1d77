import { valueAt } from '../../base/maps/index.js';
import { oneOf } from '../../base/schema/index.js';
import { listed } from '../../base/measure/listed.js';
import { axis, remembering } from '../axis.js';
import type { ConditionKind } from '../condition.js';
import type { PageVisit } from '../page.js';
import { defineRule, ruleSchema } from '../rule-spec.js';
import { texts } from '../schemas.js';

/** The parameters of an address that say which campaign led to it, as they have come to be named. */
const campaignParameters = ['utm_campaign', 'utm_source', 'utm_medium', 'utm_term', 'utm_content'] as const;
type Parameter = (typeof campaignParameters)[number];

export interface CampaignCondition {
  type: 'campaign';
  parameter: Parameter;
  /** Any of them is enough; any value at all where there are none. */
  values: string[];
}

/** The visit began at an address with campaign parameters; they are kept for the visit. */
export const campaign: ConditionKind<CampaignCondition> = {
  compile({ parameter, values }) {
    const wanted = values.map((one) => one.toLowerCase());
    return ({ memory }) => {
      const value = valueAt(memory.campaign, parameter);
      return value !== undefined && (wanted.length === 0 || wanted.includes(value.toLowerCase()));
    };
  },
};

const word = (parameter: Parameter) => parameter.slice(4);

export const campaignSpec = defineRule({
  type: 'campaign',
  label: 'Campaign',
  settled: true,
  schema: () => ruleSchema('campaign', { parameter: oneOf(campaignParameters), values: texts(50, 200) }),
  create: () => ({ type: 'campaign', parameter: 'utm_campaign', values: [] }),
  phrase: ({ parameter, values }: CampaignCondition) =>
    parameter === 'utm_campaign' && values.length === 0
      ? 'who came from a campaign'
      : `who came with the campaign ${word(parameter)} ${listed(values, 'or') || '(any)'}`.replace(
          'campaign campaign',
          'campaign',
        ),
  found: ({ memory }: PageVisit, { parameter }: CampaignCondition) =>
    valueAt(memory.campaign, parameter) ?? 'no campaign',
  axis: ({ parameter, values }: CampaignCondition) =>
    axis(
      parameter,
      ['', 'another', ...values.map((value) => value.toLowerCase())],
      (value) => (value ? `${parameter}=${value}` : `no ${parameter}`),
      (visit, value) => {
        const { [parameter]: _, ...campaign } = visit.memory.campaign;
        return remembering(visit, { campaign: value ? { ...campaign, [parameter]: value } : campaign });
      },
    ),
  fields: [
    {
      key: 'parameter',
      label: 'Parameter',
      choice: {
        utm_campaign: 'utm_campaign',
        utm_source: 'utm_source',
        utm_medium: 'utm_medium',
        utm_term: 'utm_term',
        utm_content: 'utm_content',
      },
    },
    { key: 'values', label: 'Values', list: 200, help: 'One per line. Empty means any value.' },
  ],
});
