/** The eight places along the window's rim. */
export type Rim =
  'top-left' | 'top' | 'top-right' | 'right' | 'bottom-right' | 'bottom' | 'bottom-left' | 'left';

/**
 * Which part of the window a widget lies over: the centre and all around it, a place of the rim, a bar, or a place of the rim
 * where it is folded to a button. `none` lies on nothing: it is part of the page, or hangs on an element of it.
 */
export type Slot = 'none' | 'centre' | Rim | 'top-bar' | 'bottom-bar' | `launcher-${Rim}`;

/** The parts of the window that a widget lies over, a bit for each of nine in rows from the top left: of a wide one, of a phone's. */
export type Covers = readonly [wide: number, phone: number];

/** Up to this width, px, a box at the rim is as wide as the window. */
export const phoneUpTo = 599;

const rows = { top: 0b111, middle: 0b111_000, bottom: 0b111_000_000 };
const parts: Readonly<Record<Exclude<Slot, `launcher-${Rim}`>, number>> = {
  none: 0,
  // With the page behind it shaded, it lies over all others: it has to share turns with them, not the place.
  centre: 0,
  'top-left': 0b001,
  top: 0b010,
  'top-right': 0b100,
  left: 0b001_000,
  right: 0b100_000,
  'bottom-left': 0b001_000_000,
  bottom: 0b010_000_000,
  'bottom-right': 0b100_000_000,
  'top-bar': rows.top,
  'bottom-bar': rows.bottom,
};

/** What a slot covers; worked out when a site is published, so that pages need only compare. */
export function coversOf(slot: Slot): Covers {
  const rim = slot.replace('launcher-', '') as keyof typeof parts;
  const wide = parts[rim];
  // What is folded stays small; on a phone each row that another touches is its own.
  const phone =
    rim === slot ? Object.values(rows).reduce((sum, row) => sum | (wide & row ? row : 0), 0) : wide;
  return [wide, phone];
}

/** Whether two widgets lie on one another, in a window of that width, px. */
export const covered = (one: Covers, other: Covers, width: number): boolean => {
  const which = width > phoneUpTo ? 0 : 1;
  return (one[which] & other[which]) !== 0;
};
