import { Type } from '@sinclair/typebox';
import { contentWidth, definePlacement, oneOf, straight, strict, wholeWindow } from './definition.js';

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
  slot: () => 'none',
  create: () => ({ type: 'page', at: 'centre', width: 480 }),
  phrase: () => 'on a standalone page',
  preview: () => wholeWindow,
  properties: [
    {
      path: ['at'],
      label: 'Alignment',
      control: 'choice',
      options: { start: 'Start', centre: 'Centre', end: 'End', fill: 'Fill the page' },
    },
    contentWidth,
  ],
  box: straight,
  css: ({ at, width }) =>
    '.box{min-height:100dvh;display:flex;flex-direction:column}.scene{flex:1;display:grid;align-content:' +
    (at === 'fill'
      ? 'stretch}.scene>*{min-height:100%}'
      : `center;justify-items:${at === 'centre' ? 'center' : at}}.scene>*{width:min(${width}px,100%)}`),
});
