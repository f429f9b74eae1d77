import { Type } from '@sinclair/typebox';
import {
  closing,
  closingProperties,
  contentWidth,
  definePlacement,
  straight,
  strict,
  wholeWindow,
} from './definition.js';
import { coverFields } from './sheet.js';

const schema = Type.Object(
  {
    type: Type.Literal('cover'),
    /** Widest content, px. */
    width: Type.Number({ minimum: 200, maximum: 2000 }),
    closing,
    ...coverFields,
  },
  strict,
);

export const cover = definePlacement({
  type: 'cover',
  label: 'Full screen',
  help: 'Covers the whole window.',
  schema,
  stand: 'modal',
  mode: 'overlay',
  slot: () => 'centre',
  create: () => ({
    type: 'cover',
    width: 640,
    closing: { button: true, escape: true, backdrop: false },
  }),
  phrase: () => 'in full screen',
  preview: () => wholeWindow,
  properties: [contentWidth, ...closingProperties(false)],
  box: straight,
  css: ({ width }) =>
    '.box{inset:0;width:100vw;max-width:none;height:100dvh;max-height:none}' +
    `.scene{display:grid;align-content:safe center}.scene>*{width:100%;max-width:${width}px;margin-inline:auto}`,
});
