import { Type } from '@sinclair/typebox';
import { valueAt } from '../../base/maps/index.js';
import { oneOf } from '../../base/schema/index.js';
import { axis, signalling, type AxisValue } from '../axis.js';
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

/** A fact with some texts in it; where it is near a number, they are digits of its fraction. */
const containing = (texts: readonly string[], near?: number): string => {
  if (near === undefined) return texts.join(' ');
  const number = String(near);
  if (texts.length === 0) return number;
  // Between them a digit that is there already: another might be what must not be in it.
  const digit = number.slice(-1);
  return `${number}${Number.isInteger(near) ? '.' : ''}${digit}${texts.join(digit)}`;
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
    const telling = (values: readonly (string | null)[]) =>
      axis(
        `fact ${name}`,
        values,
        (told) => (told === null ? `no ${name} told` : `${name} is ${told}`),
        (visit, told) => {
          const { [name]: _, ...facts } = visit.signals.facts;
          return signalling(visit, { facts: told === null ? facts : { ...facts, [name]: told } });
        },
      );
    const named = (how === 'one-of' ? value.split(',') : [value]).map((one) => one.trim());
    return {
      ...telling([null, 'something else', ...named]),
      parts: how === 'contains' ? named : [],
      // Whatever is named, more and less of other conditions compare it as a number.
      cuts: named.map(Number).filter(Number.isFinite),
      made: (texts, near) => telling([containing(texts, near)]).values[0] as AxisValue,
    };
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
