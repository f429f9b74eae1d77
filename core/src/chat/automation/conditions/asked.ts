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

/** A condition on what was answered to a question before the chat. */
export interface AskedCondition {
  type: 'asked';
  /** As the question is called; upper and lower case count as the same. */
  question: string;
  how: Comparison;
  value: string;
}

const same = (text: string): string => text.trim().toLowerCase();

export const asked: ChatConditionKind<AskedCondition> = {
  compile({ question, how, value }) {
    const test = comparing(how, value);
    const wanted = same(question);
    return ({ answers }) => answers.some((one) => same(one.label) === wanted && test(one.value.trim()));
  },
};

export const askedSpec = defineRule({
  type: 'asked',
  label: 'Answer before the chat',
  schema: () =>
    ruleSchema('asked', {
      question: Type.String({ maxLength: 80 }),
      how: oneOf(comparisons),
      value: Type.String({ maxLength: 200 }),
    }),
  create: () => ({ type: 'asked', question: 'Topic', how: 'equals', value: '' }),
  phrase: ({ question, how, value }: AskedCondition) =>
    `${question || '(no question)'} ${comparisonWords[how]} ${value || '(empty)'}`,
  problems: ({ question, how, value }: AskedCondition) =>
    question.trim() === '' ? [['question', 'is empty']] : comparisonProblems(how, value),
  fields: [
    { key: 'question', label: 'Question', text: 80, help: 'As it is called before the chat.' },
    { key: 'how', label: 'Comparison', choice: comparisonNames },
    { key: 'value', label: 'Value', text: 200 },
  ],
});
