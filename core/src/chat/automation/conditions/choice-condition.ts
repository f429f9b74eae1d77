import { Type } from '@sinclair/typebox';
import { defineRule, ruleSchema } from '../../../behaviour/rule-spec.js';
import { oneOf } from '../../../base/schema/index.js';
import type { ChatConditionKind, ChatFacts } from '../facts.js';

/** A condition that one fact is one of a few. */
export interface ChoiceCondition<T extends string, V extends string> {
  type: T;
  is: V;
}

/**
 * Defines a condition that one fact is one of a few.
 *
 * @param words what it says of a conversation, by value
 */
export function choiceCondition<T extends string, V extends string>(
  type: T,
  label: string,
  choice: Readonly<Record<V, string>>,
  words: Readonly<Record<V, string>>,
  fact: (facts: ChatFacts) => V,
) {
  const values = Object.keys(choice) as V[];
  const kind: ChatConditionKind<ChoiceCondition<T, V>> = {
    compile:
      ({ is }) =>
      (facts) =>
        fact(facts) === is,
  };
  const spec = defineRule({
    type,
    label,
    schema: () => ruleSchema(type, { is: Type.Unsafe<V>(oneOf(values)) }),
    create: () => ({ type, is: values[0] }),
    phrase: ({ is }: ChoiceCondition<T, V>) => words[is],
    fields: [{ key: 'is', label, choice }],
  });
  return { kind, spec };
}
