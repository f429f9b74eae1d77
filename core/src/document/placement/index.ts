import type { Static } from '@sinclair/typebox';
import { anchored } from './anchored.js';
import { bar } from './bar.js';
import { centre } from './centre.js';
import { corner } from './corner.js';
import { cover } from './cover.js';
import type { PlacementDefinition } from './definition.js';
import { inline } from './inline.js';
import { launcher } from './launcher.js';
import { page } from './page.js';
import { side } from './side.js';

export type { PlacementDefinition } from './definition.js';
export type { Stand } from './definition.js';
export { rims } from './corner.js';

/** Every placement. A new one is its file and a line here. */
const definitions = { centre, corner, side, bar, cover, anchored, inline, page, launcher };

export type PlacementType = keyof typeof definitions;

/** Where and how a widget stands on the page. Its `type` says which data it has. */
export type Placement = {
  [T in PlacementType]: Static<(typeof definitions)[T]['schema']> & { type: T };
}[PlacementType];

/** How an overlay closes. */
export type Closing = Extract<Placement, { closing: unknown }>['closing'];

/** The definitions by type, as those who treat all alike see them: each is only ever given placements of its own type. */
export const placementDefinitions = definitions as unknown as Readonly<
  Record<PlacementType, PlacementDefinition>
>;

/** The placement a widget gets when its type is chosen. px. */
export function createPlacement(type: PlacementType): Placement {
  return placementDefinitions[type].create() as Placement;
}

/** How a widget stands on the page. */
export const standOf = ({ type }: Placement) => placementDefinitions[type].stand;

/** The role that a widget's outermost box plays. */
export const surfaceRole = (placement: Placement): 'overlay' | 'panel' =>
  standOf(placement) === 'inline' ? 'panel' : 'overlay';

/** Which place a widget takes on the page. */
export const modeOf = ({ type }: Placement) => placementDefinitions[type].mode;

/** Whether it shades what is behind it. */
export const hasBackdrop = (placement: Placement): boolean => 'backdrop' in placement && placement.backdrop;

/** How it closes, or `null` for what is part of a page. */
export const closingOf = (placement: Placement): Closing | null =>
  'closing' in placement ? placement.closing : null;
