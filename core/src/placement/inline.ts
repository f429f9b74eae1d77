import { Type } from '@sinclair/typebox';
import { definePlacement, strict, widthProperty } from './definition.js';

const schema = Type.Object(
  { type: Type.Literal('inline'), width: Type.Number({ minimum: 200, maximum: 2000 }) },
  strict,
);

export const inline = definePlacement({
  type: 'inline',
  label: 'Inline',
  help: 'Where the page has the widget’s marker.',
  schema,
  stand: 'inline',
  mode: 'inline',
  create: () => ({ type: 'inline', width: 640 }),
  properties: [widthProperty('Max width', 200, 2000)],
  css: ({ width }) => `.box{max-width:${width}px}`,
});
