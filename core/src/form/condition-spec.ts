import { Type } from '@sinclair/typebox';
import {
  comparisonNames,
  comparisonProblems,
  comparisons,
  comparisonWords,
} from '../behaviour/comparison.js';
import { defineRule, ruleSchema } from '../behaviour/rule-spec.js';
import { treeOf } from '../behaviour/schemas.js';
import { oneOf } from '../base/schema/index.js';
import type { AnswerCondition, FormTree } from './condition.js';

const ways = [...comparisons, 'filled', 'empty'] as const;

const words = (how: AnswerCondition['how']): string =>
  how === 'filled' ? 'is filled in' : how === 'empty' ? 'is empty' : comparisonWords[how];
const asks = (how: string) => how !== 'filled' && how !== 'empty';

/** A condition on an answer in words, its field by the label that people know. */
export const answerWords = (
  { field, how, value }: AnswerCondition,
  labels: ReadonlyMap<string, string>,
): string =>
  `${labels.get(field) || field || '(no field)'} ${words(how)}${asks(how) ? ` ${value || '(empty)'}` : ''}`;

/** What the studio and the document know of a condition on an answer. */
export const answerSpec = defineRule({
  type: 'answer',
  label: 'Answer',
  schema: () =>
    ruleSchema('answer', {
      field: Type.String({ maxLength: 40 }),
      how: oneOf(ways),
      value: Type.String({ maxLength: 200 }),
    }),
  create: () => ({ type: 'answer', field: '', how: 'filled', value: '' }),
  phrase: (condition: AnswerCondition) => answerWords(condition, new Map()),
  problems: ({ how, value }: AnswerCondition) => comparisonProblems(how, value),
  fields: [
    { key: 'field', label: 'Field', field: true },
    {
      key: 'how',
      label: 'Comparison',
      choice: { ...comparisonNames, filled: 'Filled in', empty: 'Empty' },
    },
    { key: 'value', label: 'Value', text: 200, optionsOf: 'field' },
  ],
});

/** The schema of conditions on a form's answers. */
export const formTree = () => Type.Unsafe<FormTree>(treeOf([answerSpec.schema()]));
