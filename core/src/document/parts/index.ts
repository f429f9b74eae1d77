/**
 * The parts of the embed that pages load when a widget needs them, each a file of that name in `embed/src/parts/`. An element
 * names its own by `script`; forms and anchored placements bring theirs; `checks` comes once somebody begins to fill a form in,
 * `sending` and `work` with what is sent; `showing` comes with the first widget, `signals`, `told` and `page-types` where some rule
 * asks for more than the page tells by itself.
 */
export const partNames = [
  'showing',
  'anchor',
  'form',
  'checks',
  'file',
  'sending',
  'work',
  'basket',
  'chat',
  'members',
  'countdown',
  'own-choice',
  'signature',
  'raised',
  'copy',
  'turns',
  'signals',
  'page-types',
  'told',
  'why',
  'try',
] as const;

export type PartName = (typeof partNames)[number];
