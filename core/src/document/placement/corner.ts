import { Type, type Static } from '@sinclair/typebox';
import type { ConditionStyles } from '../../style/values.js';
import {
  boxCss,
  closing,
  closingProperties,
  definePlacement,
  fromSide,
  offset,
  oneOf,
  overlayWidth,
  strict,
  overlayRange,
  type WidthHandle,
} from './definition.js';

/** The eight places along the window's rim. */
export const rims = [
  'top-left',
  'top',
  'top-right',
  'right',
  'bottom-right',
  'bottom',
  'bottom-left',
  'left',
] as const;

/** What they are called. */
export const rimNames: Readonly<Record<string, string>> = {
  'top-left': 'Top left',
  top: 'Top',
  'top-right': 'Top right',
  right: 'Right',
  'bottom-right': 'Bottom right',
  bottom: 'Bottom',
  'bottom-left': 'Bottom left',
  left: 'Left',
};

const rim = oneOf(rims);

/** The CSS that holds a box at a place of the rim; `--ox` and `--oy` are its distances. */
export function rimCss(at: Static<typeof rim>): string {
  const vertical = /top|bottom/.exec(at)?.[0];
  const horizontal = /left|right/.exec(at)?.[0];
  const place =
    (vertical ? `${fromSide(vertical, 'var(--oy)')};` : 'top:0;bottom:0;margin-block:auto;') +
    (horizontal ? fromSide(horizontal, 'var(--ox)') : 'left:0;right:0;margin-inline:auto');
  return `.box{inset:auto;${place}}`;
}

/** The values of a box at the rim: its width and its distances, even margins on a phone. */
export const rimBox = (width: number, [x, y]: readonly [number, number]): ConditionStyles => ({
  base: { width, offsetX: x, offsetY: y },
  small: { offsetX: 16, offsetY: 16 },
});

// The rim of a phone's window is its own: from side to side, and never more than half of it.
const sheetCss =
  '@media (max-width:600px){.box{inset:auto 0 0!important;margin:0!important;width:100%!important;max-width:none!important;' +
  'max-height:50dvh!important;overflow:auto;border-end-start-radius:0!important;border-end-end-radius:0!important;' +
  'padding-bottom:env(safe-area-inset-bottom)}}';

const schema = Type.Object(
  {
    type: Type.Literal('corner'),
    at: rim,
    offset,
    width: overlayWidth,
    closing,
    /** On phones it is a sheet at the bottom, of at most half of the window; it begins with its teaser scene, where it has one. */
    sheet: Type.Optional(Type.Boolean()),
    /** The designer wants it to cover more than half of a phone's window. */
    coversPhone: Type.Optional(Type.Boolean()),
  },
  strict,
);

/** A rim of the window in words. */
export const rimWords = (at: string): string =>
  at.includes('-') ? `in the ${at.replace('-', ' ')} corner` : `at the ${at} edge`;

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
    {
      path: ['sheet'],
      label: 'Bottom sheet on phones',
      control: 'toggle',
      help: 'At most half of the window. It begins with the teaser scene, where there is one.',
    },
    ...closingProperties(false),
  ],
  box: ({ width, offset: distances }) => rimBox(width, distances),
  css: ({ at, sheet }) => boxCss + rimCss(at) + (sheet ? sheetCss : ''),
});
