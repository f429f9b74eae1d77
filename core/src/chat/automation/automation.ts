import { Type, type Static } from '@sinclair/typebox';
import { specOf } from '../../behaviour/rule-spec.js';
import { treeOf } from '../../behaviour/schemas.js';
import { compileTree, leavesOf, type Tree } from '../../behaviour/tree.js';
import { oneOf, strict } from '../../base/schema/index.js';
import { chatConditionKinds, chatConditionSpecs, type ChatCondition } from './conditions/registry.js';
import { deedNames, deeds, type ChatDeed } from './deeds.js';
import type { ChatConditionKind, ChatFacts } from './facts.js';

/** When an automation looks: at the first message, at each of the visitor's, or once nothing was written for so long. */
export const automationTimes = {
  begins: 'A conversation begins',
  writes: 'The visitor writes',
  unanswered: 'No answer for',
  quiet: 'No word after an answer for',
} as const;
export type AutomationTime = keyof typeof automationTimes;

/** Conditions on a conversation, nested as those on visitors are. */
export type ChatTree = Tree<ChatCondition>;

/** Most automations of a chat. */
export const mostAutomations = 30;

/** The schema of an automation. */
export const automationSchema = () =>
  Type.Object(
    {
      when: oneOf(Object.keys(automationTimes) as AutomationTime[]),
      /** For the two that wait, min. */
      minutes: Type.Optional(Type.Integer({ minimum: 1, maximum: 10_080 })),
      if: Type.Optional(Type.Unsafe<ChatTree>(treeOf(chatConditionSpecs.map((spec) => spec.schema())))),
      do: oneOf(deedNames),
      value: Type.String({ maxLength: 500 }),
    },
    strict,
  );

/** Something that a chat does by itself. */
export type Automation = Static<ReturnType<typeof automationSchema>>;

/** Whether an automation waits for some time without a word. */
export const isWaiting = ({ when }: Pick<Automation, 'when'>): boolean =>
  when === 'unanswered' || when === 'quiet';

/** How long one waits that does, min, where nothing is said. */
export const defaultMinutes = 15;

/**
 * Compiles what an automation asks of a conversation into one test.
 *
 * @example holdsFor({ when: 'begins', if: { all: [{ type: 'tagged', tag: 'press' }] }, do: 'close', value: '' })(facts)
 */
export const holdsFor = ({ if: tree }: Pick<Automation, 'if'>): ((facts: ChatFacts) => boolean) =>
  tree === undefined
    ? () => true
    : compileTree<ChatCondition, ChatFacts>(tree, (leaf) =>
        (chatConditionKinds[leaf.type] as ChatConditionKind<ChatCondition>).compile(leaf),
      );

/** A condition on a conversation in words. */
export const chatConditionWords = (condition: { type: string }): string =>
  specOf(chatConditionSpecs, condition).phrase(condition as never);

/** What an automation does, in a few words: what a list of them shows. */
export const automationTitle = ({ when, minutes = defaultMinutes, do: deed, value }: Automation): string =>
  `${automationTimes[when]}${isWaiting({ when }) ? ` ${minutes} min` : ''}: ${(deeds[deed] as ChatDeed).phrase(value)}`;

/** What is wrong with an automation: `[path within it, reason]`. */
export function automationProblems({ if: tree, do: deed, value }: Automation): [string, string][] {
  const problem = (deeds[deed] as ChatDeed).problem(value);
  const found = tree === undefined ? [] : leavesOf(tree).flatMap((leaf) => problemsOf(leaf));
  return [...(problem === null ? [] : [['value', problem] satisfies [string, string]]), ...found];
}

const problemsOf = (leaf: ChatCondition): [string, string][] =>
  (specOf(chatConditionSpecs, leaf).problems?.(leaf as never) ?? []).map(([key, reason]) => [
    'if',
    `${key} ${reason}`,
  ]);
