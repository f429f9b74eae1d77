import { Type } from '@sinclair/typebox';
import { contentWidth, definePlacement, oneOf, strict } from './definition.js';

const schema = Type.Object(
  {
    type: Type.Literal('page'),
    /** Where on the page the content stands. */
    at: oneOf(['start', 'centre', 'end', 'fill']),
    /** Widest content, px. */
    width: Type.Number({ minimum: 200, maximum: 2000 }),
  },
  strict,
);

export const page = definePlacement({
  type: 'page',
  label: 'Standalone page',
  help: 'At its own address, served by Sirene.',
  schema,
  stand: 'inline',
  mode: 'inline',
  create: () => ({ type: 'page', at: 'centre', width: 480 }),
  properties: [
    {
      path: ['at'],
      label: 'Alignment',
      control: 'choice',
      options: { start: 'Start', centre: 'Centre', end: 'End', fill: 'Fill the page' },
    },
    contentWidth,
  ],
  box: { radius: 0 },
  css: ({ at, width }) =>
    '.box{min-height:100dvh;display:grid}.scene{display:grid;align-content:' +
    (at === 'fill'
      ? 'stretch}.scene>*{min-height:100%}'
      : `center;justify-items:${at === 'centre' ? 'center' : at}}.scene>*{width:min(${width}px,100%)}`),
});
