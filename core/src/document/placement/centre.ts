import { Type } from '@sinclair/typebox';
import {
  boxCss,
  closing,
  closingProperties,
  definePlacement,
  overlayWidth,
  strict,
  overlayRange,
} from './definition.js';
import { coverFields } from './sheet.js';

const schema = Type.Object(
  { type: Type.Literal('centre'), width: overlayWidth, backdrop: Type.Boolean(), closing, ...coverFields },
  strict,
);

export const centre = definePlacement({
  type: 'centre',
  label: 'Centre',
  help: 'In the middle of the window, in front of the page.',
  schema,
  stand: 'modal',
  mode: 'overlay',
  slot: () => 'centre',
  create: () => ({
    type: 'centre',
    width: 480,
    backdrop: true,
    closing: { button: true, escape: true, backdrop: true },
  }),
  phrase: ({ backdrop }) => (backdrop ? 'in the centre over a backdrop' : 'in the centre'),
  handle: () => ({ edge: 'right', times: 2, range: overlayRange }),
  properties: [
    { path: ['backdrop'], label: 'Backdrop', control: 'toggle', always: true },
    ...closingProperties(true),
  ],
  box: ({ width }) => ({ base: { width } }),
  css: () => `${boxCss}.box{inset:0;margin:auto}`,
});
