import { Type } from '@sinclair/typebox';
import { actionSchema, type ActionSpec } from './action.js';

/** Adds a row to a spreadsheet that Sirene keeps. */
export const sheet = {
  type: 'sheet',
  label: 'Spreadsheet',
  schema: actionSchema('sheet', {
    /** The sheet's name; it is made with its first row. */
    sheet: Type.String({ maxLength: 80 }),
  }),
  create: (name) => ({ type: 'sheet', sheet: name.slice(0, 80) }),
  fields: [
    {
      key: 'sheet',
      label: 'Spreadsheet',
      control: 'named',
      max: 80,
      of: 'sheets',
      help: 'By its name, as under People. It has a column for each field, and can be opened as XLSX or CSV.',
    },
  ],
  told: ({ sheet: name }: { sheet: string }) => (name.trim() === '' ? [] : [`the spreadsheet “${name}”`]),
  delivery: (target) => `Row in ${target}`,
  phrase: () => 'gets a row',
} satisfies ActionSpec;
