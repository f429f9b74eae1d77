/**
 * The parts of the embed that pages load when a widget needs them, each a file of that name in `embed/src/parts/`. An element
 * names its own by `script`; forms and anchored placements bring theirs.
 */
export const partNames = ['anchor', 'form', 'basket', 'countdown'] as const;

export type PartName = (typeof partNames)[number];
