import { Type } from '@sinclair/typebox';
import {
  boxCss,
  closing,
  closingProperties,
  definePlacement,
  offset,
  overlayWidth,
  strict,
  overlayRange,
  type WidthHandle,
} from './definition.js';
import { rim, rimBox, rimCss, rimNames, rimWords } from './rim.js';
import { sheetCss, sheetFields, sheetProperty } from './sheet.js';

const schema = Type.Object(
  {
    type: Type.Literal('corner'),
    at: rim,
    offset,
    width: overlayWidth,
    closing,
    ...sheetFields,
  },
  strict,
);

/** A box at a rim grows away from it; one in the middle of it to both sides. */
export const rimHandle = (at: string): WidthHandle => ({
  edge: at.includes('right') ? 'left' : 'right',
  times: /left|right/.test(at) ? 1 : 2,
  range: overlayRange,
});

export const corner = definePlacement({
  type: 'corner',
  label: 'Corner or edge',
  help: 'In front of the page, which stays usable.',
  schema,
  stand: 'popover',
  mode: 'overlay',
  slot: ({ at }) => at,
  create: () => ({
    type: 'corner',
    at: 'bottom-right',
    offset: [24, 24],
    width: 380,
    closing: { button: true, escape: true, backdrop: false },
  }),
  phrase: ({ at }) => rimWords(at),
  handle: ({ at }) => rimHandle(at),
  properties: [
    { path: ['at'], label: 'Position', control: 'choice', options: rimNames },
    sheetProperty,
    ...closingProperties(false),
  ],
  box: ({ width, offset: distances }) => rimBox(width, distances),
  css: ({ at, sheet }) => boxCss + rimCss(at) + sheetCss(sheet),
});
