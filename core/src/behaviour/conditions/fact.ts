import { Type } from '@sinclair/typebox';
import { valueAt } from '../../base/maps/index.js';
import { oneOf } from '../../base/schema/index.js';
import { axis, signalling } from '../axis.js';
import {
  comparing,
  comparisonNames,
  comparisonProblems,
  comparisons,
  comparisonWords,
  type Comparison,
} from '../comparison.js';
import type { ConditionKind } from '../condition.js';
import type { PageVisit } from '../page.js';
import { defineRule, ruleSchema } from '../rule-spec.js';

export interface FactCondition {
  type: 'fact';
  /** As the page tells it by `sirene.set({ name: value })`. */
  name: string;
  how: Comparison;
  /** For `one-of` several, with commas between them. */
  value: string;
}

/** A fact that the page has told of itself or of the visitor. One that it has not told holds nothing. */
export const fact: ConditionKind<FactCondition> = {
  compile({ name, how, value }) {
    const test = comparing(how, value);
    return ({ signals: { facts } }) => {
      const told = valueAt(facts, name);
      return told !== undefined && test(String(told));
    };
  },
};

export const factSpec = defineRule({
  type: 'fact',
  label: 'Custom fact',
  watches: ['set'],
  schema: () =>
    ruleSchema('fact', {
      name: Type.String({
        pattern: '^[\\w.:-]{1,80}$',
        description: 'must be 1 to 80 letters, digits or . : _ -',
      }),
      how: oneOf(comparisons),
      value: Type.String({ maxLength: 200 }),
    }),
  create: () => ({ type: 'fact', name: 'plan', how: 'equals', value: 'gold' }),
  phrase: ({ name, how, value }: FactCondition) =>
    `whose ${name} ${comparisonWords[how]} ${value || '(empty)'}`,
  found: ({ signals: { facts } }: PageVisit, { name }: FactCondition) => {
    const told = valueAt(facts, name);
    return told === undefined ? `no ${name} told` : `${name} is ${String(told)}`;
  },
  problems: ({ how, value }: FactCondition) => comparisonProblems(how, value),
  axis: ({ name, how, value }: FactCondition) => {
    const number = Number(value);
    const named = how === 'one-of' ? value.split(',').map((one) => one.trim()) : [value];
    const near = Number.isFinite(number) && value !== '' ? [number - 1, number + 1].map(String) : [];
    const { key, values } = axis(
      `fact ${name}`,
      [null, 'something else', ...named, ...near],
      (told) => (told === null ? `no ${name} told` : `${name} is ${told}`),
      (visit, told) => {
        const { [name]: _, ...facts } = visit.signals.facts;
        return signalling(visit, { facts: told === null ? facts : { ...facts, [name]: told } });
      },
    );
    if (how !== 'contains') return { key, values };
    const combine = (names: readonly string[]) => {
      const told = names.join(' ');
      return {
        id: JSON.stringify(told),
        words: `${name} is ${told}`,
        set: (visit: PageVisit) => signalling(visit, { facts: { ...visit.signals.facts, [name]: told } }),
      };
    };
    return { key, values, parts: { names: [value], combine } };
  },
  fields: [
    {
      key: 'name',
      label: 'Fact name',
      text: 80,
      help: 'The page tells it with sirene.set({ plan: "gold" }).',
    },
    {
      key: 'how',
      label: 'Comparison',
      choice: comparisonNames,
    },
    { key: 'value', label: 'Value', text: 200 },
  ],
});
