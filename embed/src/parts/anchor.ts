import type { Placement } from '@sirene/core/document/widget';

/** A rectangle in the page's window, px. */
export interface Rect {
  left: number;
  top: number;
  width: number;
  height: number;
}

type Anchored = Extract<Placement, { type: 'anchored' }>;

/** Least distance from the window's edge, px. */
const rim = 8;

/**
 * Where a box hangs on an element: at the side asked for, at the opposite one where there is no room for it and more on
 * the other side, and never past the window's edge. Right-to-left pages are not turned round: left is before.
 */
export function hangAt(
  { at, align, gap }: Pick<Anchored, 'at' | 'align' | 'gap'>,
  to: Rect,
  box: { width: number; height: number },
  window: { width: number; height: number },
): { left: number; top: number } {
  const upright = at === 'below' || at === 'above';
  const [start, length, size, room] = upright
    ? [to.top, to.height, box.height, window.height]
    : [to.left, to.width, box.width, window.width];
  const before = start - gap - size;
  const after = start + length + gap;
  const wantsAfter = at === 'below' || at === 'after';
  const fitsAfter = after + size <= room - rim;
  const fitsBefore = before >= rim;
  const roomier = room - (start + length) > start;
  const isAfter = wantsAfter ? fitsAfter || (!fitsBefore && roomier) : !fitsBefore && (fitsAfter || roomier);
  // What it hangs on may have been scrolled away: it stays in the window all the same.
  const main = Math.max(rim, Math.min(isAfter ? after : before, room - size - rim));
  const [from, span, breadth, width] = upright
    ? [to.left, to.width, box.width, window.width]
    : [to.top, to.height, box.height, window.height];
  const lined = { start: from, centre: from + (span - breadth) / 2, end: from + span - breadth }[align];
  const cross = Math.max(rim, Math.min(lined, width - breadth - rim));
  return upright ? { left: cross, top: main } : { left: main, top: cross };
}

/**
 * Keeps a box hanging on an element while the page scrolls and changes its size.
 *
 * @returns what lets go of it
 */
export function hang(
  view: Window & typeof globalThis,
  box: HTMLElement,
  to: Element | null,
  placement: () => Placement,
): () => void {
  const put = () => {
    const now = placement();
    if (now.type !== 'anchored') return;
    const { innerWidth: width, innerHeight: height } = view;
    // Without the element it stands where a page's corner links stand.
    const rect = to?.getBoundingClientRect() ?? { left: width - rim, top: 0, width: 0, height: 64 };
    const { left, top } = hangAt(
      now,
      rect,
      { width: box.offsetWidth, height: box.offsetHeight },
      { width, height },
    );
    box.style.left = `${left}px`;
    box.style.top = `${top}px`;
  };
  put();
  const observer = new view.ResizeObserver(put);
  observer.observe(box);
  view.addEventListener('scroll', put, { passive: true, capture: true });
  view.addEventListener('resize', put);
  return () => {
    observer.disconnect();
    view.removeEventListener('scroll', put, { capture: true });
    view.removeEventListener('resize', put);
  };
}
