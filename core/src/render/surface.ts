import type { Corner, Placement } from '../widget/index.js';
import type { Role } from '../style/index.js';

/** The role that a widget's outermost box plays. */
export function surfaceRole(placement: Placement): Role & ('overlay' | 'panel') {
  return placement.type === 'inline' ? 'panel' : 'overlay';
}

// Everything visitors' pages set is shut out; what a widget needs is said here or comes from its style.
const base =
  ':host{all:initial}*,::before,::after{box-sizing:border-box}' +
  '.box{border:0 solid;margin:0;color-scheme:light}' +
  ':focus-visible{outline:2px solid;outline-offset:2px}' +
  '.unseen{position:absolute;width:1px;height:1px;overflow:hidden;clip-path:inset(50%);white-space:nowrap}';

// Room around the scene keeps focus rings from being cut where it scrolls.
const overlay =
  '.box:not([open],:popover-open){display:none}' +
  '.box{position:fixed;display:flex;flex-direction:column;overflow:hidden;max-width:none;height:fit-content;' +
  'max-height:calc(100dvh - 32px);animation:come .24s ease-out}' +
  '.scene{overflow:auto;min-height:0;padding:4px;margin:-4px}' +
  '@keyframes come{from{opacity:0;translate:0 12px}}' +
  '@media (prefers-reduced-motion:reduce){.box{animation:none}}';

const closeButton =
  '.close{position:absolute;z-index:1;inset:8px 8px auto auto;width:32px;height:32px;padding:0;border:0;background:none;' +
  'font:24px/32px system-ui,sans-serif;text-align:center;cursor:pointer;border-radius:6px}' +
  '.scene>*>:first-child{margin-inline-end:24px}';

/** The CSS of the box for a placement: where it stands and how wide it may be, safe areas of the screen spared. */
export function surfaceCss(placement: Placement): string {
  if (placement.type === 'inline') return `${base}:host{display:block}.box{max-width:${placement.width}px}`;
  const close = placement.closing.button ? closeButton : '';
  const width = `.box{width:min(${placement.width}px,100vw - 32px)}`;
  if (placement.type === 'corner')
    return base + overlay + close + width + cornerCss(placement.at, placement.offset);
  const backdrop = placement.backdrop ? '' : '.box::backdrop{background:none}';
  return `${base}${overlay}${close}${width}.box{inset:0;margin:auto}${backdrop}`;
}

function cornerCss(at: Corner, [x, y]: readonly [number, number]): string {
  const [vertical, horizontal] = at.split('-') as ['top' | 'bottom', 'left' | 'right'];
  const from = (side: string, distance: number) => `${side}:max(${distance}px,env(safe-area-inset-${side}))`;
  // On a phone the offset gives way to an even margin.
  return (
    `.box{inset:auto;${from(vertical, y)};${from(horizontal, x)}}` +
    `@media (max-width:600px){.box{${horizontal}:16px;${vertical}:max(16px,env(safe-area-inset-${vertical}))}}`
  );
}
