import { Type } from '@sinclair/typebox';
import { definePlacement, oneOf, strict } from './definition.js';

const aligns = ['start', 'center', 'end'] as const;

const schema = Type.Object(
  {
    type: Type.Literal('inline'),
    /** Most that it takes, px; or its share of what it stands in, such as `90%`. */
    width: Type.Union([
      Type.Number({ minimum: 200, maximum: 2000 }),
      Type.String({ pattern: '^([1-9]\\d?|100)%$' }),
    ]),
    /** Where it stands in what holds its marker; at the start where nothing is said. */
    align: Type.Optional(oneOf(aligns)),
  },
  strict,
);

const margins: Record<(typeof aligns)[number], string> = {
  start: '',
  center: ';margin-inline:auto',
  end: ';margin-inline:auto 0',
};

export const inline = definePlacement({
  type: 'inline',
  label: 'Inline',
  help: 'Where the page has the widget’s marker.',
  schema,
  stand: 'inline',
  mode: 'inline',
  slot: () => 'none',
  create: () => ({ type: 'inline', width: 640 }),
  phrase: () => 'inline at its marker',
  handle: () => ({ edge: 'right', times: 1, range: [200, 2000] }),
  preview: ({ width }) => ({ width: typeof width === 'number' ? Math.min(width, 900) : 900 }),
  properties: [
    {
      path: ['align'],
      label: 'Alignment',
      control: 'choice',
      options: { start: 'Start', center: 'Centre', end: 'End' },
    },
  ],
  box: ({ width }) => ({ base: { width } }),
  css: ({ align = 'start' }) => `.box{max-width:100%${margins[align]}}`,
});
