import type { Static } from '@sinclair/typebox';
import type { PlacementDefinition, WidthHandle } from './definition.js';
import { valueAt } from '../../base/maps/index.js';
import { definitions } from './registry.js';
import { unknownPlacement } from './unknown.js';

export type { PlacementDefinition } from './definition.js';
export type { Stand, WidthHandle } from './definition.js';
export { remainsCss } from './folded.js';
export { rims, rimWords } from './rim.js';

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

/** The definition of a placement; of one that only a newer version knows, that of an unknown one. */
export const placementDefinitionOf = ({ type }: Pick<Placement, 'type'>): PlacementDefinition =>
  valueAt(placementDefinitions, type) ?? unknownPlacement;

/** Whether only a newer version knows where a widget stands. */
export const isUnknownPlacement = ({ type }: Placement): boolean => !Object.hasOwn(definitions, type);

/** How a widget stands on the page. */
export const standOf = (placement: Placement) => placementDefinitionOf(placement).stand;

/** The role that a widget's outermost box plays. */
export const surfaceRole = (placement: Placement): 'overlay' | 'panel' =>
  standOf(placement) === 'inline' ? 'panel' : 'overlay';

/** Which place a widget takes on the page. */
export const modeOf = (placement: Placement) => placementDefinitionOf(placement).mode;

/** Which part of the window a widget lies over. */
export const slotOf = (placement: Placement) => placementDefinitionOf(placement).slot(placement as never);

/** Whether it shades what is behind it. */
export const hasBackdrop = (placement: Placement): boolean => 'backdrop' in placement && placement.backdrop;

/** How it closes, or `null` for what is part of a page. */
export const closingOf = (placement: Placement): Closing | null =>
  'closing' in placement ? placement.closing : null;

/** Where a widget stands, in words that follow "appears". */
export const placementPhrase = (placement: Placement): string =>
  placementDefinitionOf(placement).phrase(placement as never);

/** The handle by which the width of a widget's box is drawn; `null` where it has the window's. */
export const handleOf = (placement: Placement): WidthHandle | null =>
  placementDefinitionOf(placement).handle?.(placement as never) ?? null;

/** How wide a preview of a widget is drawn, and how high at least, px. */
export function previewSize(placement: Placement): { width: number; least: number } {
  const own = placementDefinitionOf(placement).preview?.(placement as never);
  return { width: 'width' in placement ? Number(placement.width) : 0, least: 0, ...own };
}
