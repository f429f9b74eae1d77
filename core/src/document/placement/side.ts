import { Type } from '@sinclair/typebox';
import {
  closing,
  closingProperties,
  definePlacement,
  oneOf,
  overlayWidth,
  strict,
  overlayRange,
} from './definition.js';
import { sheetCss, sheetFields, sheetProperty } from './sheet.js';

const schema = Type.Object(
  {
    type: Type.Literal('side'),
    at: oneOf(['left', 'right']),
    width: overlayWidth,
    backdrop: Type.Boolean(),
    closing,
    ...sheetFields,
  },
  strict,
);

export const side = definePlacement({
  type: 'side',
  label: 'Side panel',
  help: 'Full height, at the left or right of the window.',
  schema,
  stand: 'modal',
  mode: 'overlay',
  slot: () => 'centre',
  create: () => ({
    type: 'side',
    at: 'right',
    width: 400,
    backdrop: true,
    closing: { button: true, escape: true, backdrop: true },
  }),
  phrase: ({ at }) => `as a side panel on the ${at}`,
  handle: ({ at }) => ({ edge: at === 'right' ? 'left' : 'right', times: 1, range: overlayRange }),
  preview: ({ width }) => ({ width, least: 620 }),
  properties: [
    { path: ['at'], label: 'Side', control: 'choice', options: { left: 'Left', right: 'Right' } },
    { path: ['backdrop'], label: 'Backdrop', control: 'toggle', always: true },
    sheetProperty,
    ...closingProperties(true),
  ],
  box: ({ width }) => ({ base: { width, radius: 0 } }),
  css: ({ at, sheet }) =>
    `.box{max-width:calc(100vw - 40px);inset:0;margin-${at}:0;margin-${at === 'left' ? 'right' : 'left'}:auto;` +
    'height:100dvh;max-height:none}' +
    sheetCss(sheet),
});
