import type { Static } from '@sinclair/typebox';
import { rimPlace, type rim } from './rim.js';

const folded = '.box[data-folded]';

const edgeCorners = {
  left: ['top-left', 'bottom-left'],
  right: ['top-right', 'bottom-right'],
  top: ['top-left', 'top-right'],
  bottom: ['bottom-left', 'bottom-right'],
};

// A tab in a corner grows out of the left or the right.
const sideOf = (at: Static<typeof rim>) => (/left|right/.exec(at)?.[0] ?? at) as keyof typeof edgeCorners;

const important = (declarations: readonly string[]): string =>
  declarations.map((one) => `${one}!important`).join(';');

// Nothing of the box is seen: what stands in it is all there is.
const unboxed = important([
  'width:auto',
  'background:none',
  'box-shadow:none',
  'border:0',
  'overflow:visible',
]);

/** What is pressed to unfold a widget, and the box around it, at a place of the rim. */
export function foldedCss(shape: 'bubble' | 'tab', at: Static<typeof rim>): string {
  const least = shape === 'bubble' ? 56 : 44;
  // A tab is straight where it grows out of the window's edge.
  const corners = shape === 'tab' ? edgeCorners[sideOf(at)] : [];
  return (
    `${folded} .launcher{${important(corners.map((corner) => `border-${corner}-radius:0`))}}` +
    `${folded}{${unboxed}}` +
    '.launcher{font:inherit;border:0;cursor:pointer;display:flex;align-items:center;justify-content:center;gap:8px;' +
    `min-width:${least}px;min-height:${least}px}.launcher>*{gap:8px}`
  );
}

/**
 * What remains of a widget that was closed: a tab that grows out of a side of the window, wherever the widget itself
 * stood. `--row` says how many tabs stand there already.
 */
export function remainsCss(at: Static<typeof rim>): string {
  const isUpright = /left|right/.test(at);
  const [x, y] = isUpright ? [0, 24] : [24, 0];
  const place = important([
    ...[
      'margin:0',
      'padding:0',
      'min-width:0',
      'max-width:calc(100vw - 32px)',
      'height:fit-content',
      'min-height:0',
    ],
    ...[`--ox:${x}px`, `--oy:${y}px`],
    `translate:${isUpright ? '0 ' : ''}calc(var(--row,0)*${isUpright ? 52 : 120}px)`,
    ...rimPlace(at),
  ]);
  return `${foldedCss('tab', at)}${folded}{${place}}${folded}::backdrop{display:none}`;
}
