import type { Messages } from '../base/messages/index.js';
import {
  closingOf,
  hasBackdrop,
  placementDefinitionOf,
  standOf,
  surfaceRole,
  type Closing,
  type Placement,
} from '../document/placement/index.js';
import { mergeSheets, roleStyle, type StyleSheet } from '../style/index.js';
import { h } from '../base/html/index.js';

/** What a placement sets for the box, above the brand and below everything else. */
export function placementSheet(placement: Placement): StyleSheet {
  const definition = placementDefinitionOf(placement);
  const box = definition.box?.(placement);
  return box ? { box } : {};
}

/** The brand's values for a widget's box as its placement has them. */
export const surfaceSheet = (placement: Placement): StyleSheet =>
  mergeSheets(roleStyle(surfaceRole(placement)), placementSheet(placement));

// Everything visitors' pages set is shut out; what a widget needs is said here or comes from its style.
const base =
  ':host{all:initial}*,::before,::after{box-sizing:border-box;border:0 solid}' +
  '.box{margin:0;color-scheme:light}' +
  ':focus-visible{outline:2px solid;outline-offset:2px}';

/** Hides words from the eye alone. */
export const unseenCss =
  '.unseen{position:absolute;width:1px;height:1px;overflow:hidden;clip-path:inset(50%);white-space:nowrap}';

const overlay =
  '.box{position:fixed;display:flex;flex-direction:column;overflow:hidden;padding:0;max-width:calc(100vw - 16px);' +
  'height:fit-content;max-height:calc(100dvh - 32px)}' +
  '.scene{overflow:auto;min-height:0;flex:1 1 auto}';

const arrival =
  '.box{animation:come .24s ease-out}@keyframes come{from{opacity:0;translate:0 12px}}' +
  '@media (prefers-reduced-motion:reduce){.box{animation:none}}';

const closeButton =
  '.close{position:absolute;z-index:2;inset:8px 8px auto auto;min-width:32px;height:32px;padding:0;border:0;background:none;' +
  'font:inherit;display:grid;place-items:center;cursor:pointer;border-radius:6px}' +
  '.close svg{width:1em;height:1em}';

const closePlaces: Record<NonNullable<Closing['at']>, string> = {
  'inside-end': '.scene>*>:first-child{margin-inline-end:24px}',
  'inside-start': '.close{inset:8px auto auto 8px}.scene>*>:first-child{margin-inline-start:28px}',
  // Above the box: it may no longer cut off what stands out.
  'outside-end': '.box{overflow:visible}.close{inset:-40px 0 auto auto;color:#fff}',
};

/** Keeps an overlay from sight until it is opened, whatever its style says. */
export const shutCss = (placement: Placement): string =>
  standOf(placement) === 'inline' ? '' : '.box:not([open],:popover-open){display:none}';

/** The CSS of the box for a placement: where it stands and how wide it may be, safe areas of the screen spared. */
export function surfaceCss(placement: Placement, ownEntrance: boolean): string {
  const own = placementDefinitionOf(placement).css(placement as never);
  if (standOf(placement) === 'inline') return `${base}:host{display:block}${own}`;
  const closing = closingOf(placement);
  const close = closing?.button ? closeButton + closePlaces[closing.at ?? 'inside-end'] : '';
  // A popover's backdrop is clear by itself; a dialog's is not.
  const backdrop =
    standOf(placement) === 'modal' && !hasBackdrop(placement) ? '.box::backdrop{background:none}' : '';
  return base + overlay + (ownEntrance ? '' : arrival) + close + own + backdrop;
}

const marks = {
  cross: 'M6 6l12 12M18 6L6 18',
  line: 'M5 12h14',
  arrow: 'M6 9l6 6 6-6',
} as const;

/** The close button of an overlay. */
export function closeHtml(placement: Placement, messages: Messages): string {
  const closing = closingOf(placement);
  if (!closing?.button) return '';
  const { mark = 'cross', words = messages.close } = closing;
  const face =
    mark === 'words'
      ? h('span', { style: 'font-size:14px;padding:0 8px' }, words)
      : h(
          'svg',
          {
            viewBox: '0 0 24 24',
            fill: 'none',
            stroke: 'currentColor',
            'stroke-width': 2,
            'aria-hidden': 'true',
          },
          h('path', { d: marks[mark] }),
        );
  return h(
    'button',
    { type: 'button', class: 'close', 'data-act': 'close', 'aria-label': words || messages.close },
    face,
  ).text;
}
