import { Type } from '@sinclair/typebox';
import type { PlacementDefinition } from './definition.js';

/** A placement that only a newer version knows: the widget stands in the centre, as a pop-up does. */
export const unknownPlacement: PlacementDefinition = {
  type: 'unknown',
  label: 'Unknown placement',
  help: 'Of a newer version of Sirene. It is kept; until another is chosen, the widget stands in the centre.',
  schema: Type.Object({}),
  stand: 'modal',
  mode: 'overlay',
  slot: () => 'centre',
  create: () => ({}),
  phrase: ({ type }: { type?: string }) => `in an unknown placement (${type ?? ''})`,
  properties: [],
  css: () => '.box{max-width:calc(100vw - 32px);inset:0;margin:auto}',
};
