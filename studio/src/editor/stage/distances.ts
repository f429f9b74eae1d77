/** A rectangle of the stage's page, px. */
export interface Rect {
  left: number;
  top: number;
  right: number;
  bottom: number;
}

/** How far something stands from what is next to it on one side. */
export interface Distance {
  side: 'top' | 'right' | 'bottom' | 'left';
  /** px */
  length: number;
  /** The line between the two. */
  line: { x: number; y: number; width: number; height: number };
}

const overlaps = (a0: number, a1: number, b0: number, b1: number) => a0 < b1 && b0 < a1;

/** The distances from an element to its nearest neighbours, or where there is none to the edge of what holds it. */
export function distances(rect: Rect, holder: Rect, neighbours: readonly Rect[]): Distance[] {
  const middle = { x: (rect.left + rect.right) / 2, y: (rect.top + rect.bottom) / 2 };
  const beside = neighbours.filter((one) => overlaps(one.top, one.bottom, rect.top, rect.bottom));
  const stacked = neighbours.filter((one) => overlaps(one.left, one.right, rect.left, rect.right));
  const top = Math.max(
    holder.top,
    ...stacked.map(({ bottom }) => bottom).filter((at) => at <= rect.top + 0.5),
  );
  const bottom = Math.min(
    holder.bottom,
    ...stacked.map((one) => one.top).filter((at) => at >= rect.bottom - 0.5),
  );
  const left = Math.max(
    holder.left,
    ...beside.map(({ right }) => right).filter((at) => at <= rect.left + 0.5),
  );
  const right = Math.min(
    holder.right,
    ...beside.map((one) => one.left).filter((at) => at >= rect.right - 0.5),
  );
  const upright = (side: 'top' | 'bottom', from: number, to: number): Distance => ({
    side,
    length: Math.round(to - from),
    line: { x: middle.x, y: from, width: 0, height: to - from },
  });
  const level = (side: 'left' | 'right', from: number, to: number): Distance => ({
    side,
    length: Math.round(to - from),
    line: { x: from, y: middle.y, width: to - from, height: 0 },
  });
  return [
    upright('top', top, rect.top),
    level('right', rect.right, right),
    upright('bottom', rect.bottom, bottom),
    level('left', left, rect.left),
  ].filter(({ length }) => length > 0);
}
