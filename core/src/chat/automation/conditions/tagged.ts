import { Type } from '@sinclair/typebox';
import { defineRule, ruleSchema } from '../../../behaviour/rule-spec.js';
import type { ChatConditionKind } from '../facts.js';

/** A condition on a tag of the conversation. */
export interface TaggedCondition {
  type: 'tagged';
  tag: string;
}

export const tagged: ChatConditionKind<TaggedCondition> = {
  compile({ tag }) {
    const wanted = tag.trim().toLowerCase();
    return ({ tags }) => tags.some((one) => one.toLowerCase() === wanted);
  },
};

export const taggedSpec = defineRule({
  type: 'tagged',
  label: 'Tag',
  schema: () => ruleSchema('tagged', { tag: Type.String({ maxLength: 40 }) }),
  create: () => ({ type: 'tagged', tag: '' }),
  phrase: ({ tag }: TaggedCondition) => `it is tagged ${tag || '(empty)'}`,
  problems: ({ tag }: TaggedCondition) => (tag.trim() === '' ? [['tag', 'is empty']] : []),
  fields: [{ key: 'tag', label: 'Tag', text: 40 }],
});
