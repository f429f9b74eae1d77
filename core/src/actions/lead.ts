import { Type } from '@sinclair/typebox';
import { actionSchema, type ActionSpec } from './action.js';

/** Makes a lead of whoever sent a submission: a chance for a sale, with a stage and a value. */
export const lead = {
  type: 'lead',
  label: 'Lead',
  byAddress: true,
  schema: actionSchema('lead', {
    /** The stage's name; it is made where it is not there yet. */
    stage: Type.String({ maxLength: 60 }),
    title: Type.String({ minLength: 1, maxLength: 200 }),
    /** A number, or the answer of a field that is one. */
    value: Type.Optional(Type.String({ maxLength: 80 })),
    currency: Type.Optional(
      Type.String({ pattern: '^[A-Z]{3}$', description: 'must be a currency such as EUR' }),
    ),
  }),
  create: (name) => ({ type: 'lead', stage: 'Asked', title: name.slice(0, 200), currency: 'EUR' }),
  fields: [
    {
      key: 'stage',
      label: 'Stage',
      control: 'named',
      max: 60,
      of: 'stages',
      help: 'By its name, as under People. A stage that is not there yet is made.',
    },
    { key: 'title', label: 'Title', control: 'line', max: 200, words: true },
    {
      key: 'value',
      label: 'Value',
      control: 'line',
      max: 80,
      words: true,
      help: 'A number, or a calculated value of the form.',
    },
    { key: 'currency', label: 'Currency', control: 'currency' },
  ],
  told: ({ stage }: { stage: string }) => (stage.trim() === '' ? [] : ['the sender']),
  delivery: (target) => `Lead: ${target}`,
  phrase: (_, { stage }: { stage: string }) => `becomes a lead in the stage “${stage}”`,
} satisfies ActionSpec;
