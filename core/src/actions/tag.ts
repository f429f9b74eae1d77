import { Type } from '@sinclair/typebox';
import { actionSchema, type ActionSpec } from './action.js';

/** Gives whoever sent a submission a tag. */
export const tag = {
  type: 'tag',
  label: 'Tag',
  byAddress: true,
  schema: actionSchema('tag', { tag: Type.String({ maxLength: 40 }) }),
  create: () => ({ type: 'tag', tag: '' }),
  fields: [
    {
      key: 'tag',
      label: 'Tag',
      control: 'named',
      max: 40,
      of: 'tags',
      help: 'Persons are found by it under People.',
    },
  ],
  told: ({ tag: name }: { tag: string }) => (name.trim() === '' ? [] : ['the sender']),
  delivery: (target) => `Tag for ${target}`,
  phrase: (_, { tag: name }: { tag: string }) => `gets the tag “${name}”`,
} satisfies ActionSpec;
