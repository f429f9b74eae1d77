import type { Static } from '@sinclair/typebox';
import { oneOf } from '../../base/schema/index.js';
import type { ConditionStyles } from '../../style/values.js';

/** `distance` from a side, and never under a notch or a home bar. */
const fromSide = (side: string, distance: string): string =>
  `${side}:max(${distance},env(safe-area-inset-${side}))`;

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

/** One of them, in a document. */
export const rim = oneOf(rims);

/** The declarations that hold a box at a place of the rim; `--ox` and `--oy` are its distances. */
export function rimPlace(at: Static<typeof rim>): string[] {
  const vertical = /top|bottom/.exec(at)?.[0];
  const horizontal = /left|right/.exec(at)?.[0];
  return [
    'inset:auto',
    ...(vertical ? [fromSide(vertical, 'var(--oy)')] : ['top:0', 'bottom:0', 'margin-block:auto']),
    ...(horizontal ? [fromSide(horizontal, 'var(--ox)')] : ['left:0', 'right:0', 'margin-inline:auto']),
  ];
}

/** The CSS that holds a box at a place of the rim. */
export const rimCss = (at: Static<typeof rim>): string => `.box{${rimPlace(at).join(';')}}`;

/** The values of a box at the rim: its width and its distances, even margins on a phone. */
export const rimBox = (width: number, [x, y]: readonly [number, number]): ConditionStyles => ({
  base: { width, offsetX: x, offsetY: y },
  small: { offsetX: 16, offsetY: 16 },
});

/** A rim of the window in words. */
export const rimWords = (at: string): string =>
  at.includes('-') ? `in the ${at.replace('-', ' ')} corner` : `at the ${at} edge`;
