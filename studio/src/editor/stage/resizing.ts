import { valueAt } from '@sirene/core/base/maps';
import { definitionOf } from '@sirene/core/document/elements';
import type { Placement, WidgetDocument } from '@sirene/core/document/widget';
import { handleOf, surfaceRole } from '@sirene/core/document/placement';
import type { Selected } from '../state/selection.ts';

/** What a handle of the selection changes. */
export interface Resizing {
  edge: 'left' | 'right' | 'bottom';
  /** How much it grows for each px that the handle is drawn: twice as much where it grows to both sides. */
  times: number;
  /** The least and the most, px. */
  range: readonly [number, number];
  /** Where the size stands in the document; for an element below its values of the screen. */
  path: readonly string[];
  property: 'width' | 'height';
}

/** How the selection can be drawn larger and smaller; `null` where that makes no sense. */
export function resizingOf(
  document: WidgetDocument,
  selection: Selected,
  condition: string,
): Resizing | null {
  if (selection === null) return ofPlacement(document.placement, condition);
  const element = valueAt(document.elements, selection);
  const property = element && definitionOf(element).sized;
  if (!property) return null;
  return {
    edge: property === 'width' ? 'right' : 'bottom',
    times: 1,
    range: [8, 1200],
    path: ['elements', selection, 'style', 'box', condition, property],
    property,
  };
}

function ofPlacement(placement: Placement, condition: string): Resizing | null {
  const handle = handleOf(placement);
  const path = ['style', surfaceRole(placement), 'box', condition, 'width'];
  return handle && { ...handle, path, property: 'width' };
}

const step = 4;

/** The size that a drag asks for: in steps of 4 px, or of 1 while `fine`. */
export function resized(
  start: number,
  drawn: number,
  { edge, times, range }: Resizing,
  fine: boolean,
): number {
  const wanted = start + (edge === 'left' ? -drawn : drawn) * times;
  const by = fine ? 1 : step;
  return Math.min(range[1], Math.max(range[0], Math.round(wanted / by) * by));
}
