import { Type } from '@sinclair/typebox';
import {
  comparing,
  comparisonNames,
  comparisonProblems,
  comparisons,
  comparisonWords,
  type Comparison,
} from '../../../behaviour/comparison.js';
import { defineRule, ruleSchema } from '../../../behaviour/rule-spec.js';
import { oneOf } from '../../../base/schema/index.js';
import type { ChatConditionKind } from '../facts.js';

/** A condition on what the visitor wrote last. */
export interface SaidCondition {
  type: 'said';
  how: Comparison;
  value: string;
}

export const said: ChatConditionKind<SaidCondition> = {
  compile({ how, value }) {
    const test = comparing(how, value);
    return ({ text }) => test(text.trim());
  },
};

export const saidSpec = defineRule({
  type: 'said',
  label: 'Message',
  schema: () => ruleSchema('said', { how: oneOf(comparisons), value: Type.String({ maxLength: 200 }) }),
  create: () => ({ type: 'said', how: 'contains', value: '' }),
  phrase: ({ how, value }: SaidCondition) => `the message ${comparisonWords[how]} ${value || '(empty)'}`,
  problems: ({ how, value }: SaidCondition) =>
    value.trim() === '' ? [['value', 'is empty']] : comparisonProblems(how, value),
  fields: [
    { key: 'how', label: 'Comparison', choice: comparisonNames },
    { key: 'value', label: 'Value', text: 200, help: 'For “One of”, with commas between them.' },
  ],
});
