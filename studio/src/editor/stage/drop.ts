import { valueAt } from '@sirene/core/base/maps';
import { fits, parentOf, withDescendants, type WidgetDocument } from '@sirene/core/document/widget';
import { definitionOf } from '@sirene/core/document/elements';
import type { StageController } from './stage-controller.ts';

/** Where a dragged element would land, and the line that shows it, px of the page's window. */
export interface Drop {
  target: string;
  side: 'before' | 'after' | 'inside';
  line: { x: number; y: number; width: number; height: number };
}

const thick = 3;

/** Finds where an element dragged to a point would land; `null` where it may not stand. */
export function dropAt(
  stage: Pick<StageController, 'elementAt' | 'rectOf'>,
  document: WidgetDocument,
  id: string,
  point: { x: number; y: number },
): Drop | null {
  const target = stage.elementAt(point.x, point.y);
  if (!target || target === 'widget' || withDescendants(document.elements, id).includes(target)) return null;
  const element = valueAt(document.elements, target);
  const rect = stage.rectOf(target);
  if (!element || !rect) return null;
  if (definitionOf(element).container && 'children' in element && element.children.length === 0) {
    const line = { x: rect.left, y: rect.top, width: rect.width, height: Math.max(rect.height, thick) };
    return fits(document, id, target) ? { target, side: 'inside', line } : null;
  }
  const parent = parentOf(document.elements, target);
  const holder = parent ? valueAt(document.elements, parent) : undefined;
  if (!parent || !fits(document, id, parent)) return null;
  const across = holder?.type === 'group' && holder.direction === 'row';
  const before = across ? point.x < rect.left + rect.width / 2 : point.y < rect.top + rect.height / 2;
  const line = across
    ? { x: (before ? rect.left : rect.right) - thick / 2, y: rect.top, width: thick, height: rect.height }
    : { x: rect.left, y: (before ? rect.top : rect.bottom) - thick / 2, width: rect.width, height: thick };
  return { target, side: before ? 'before' : 'after', line };
}
