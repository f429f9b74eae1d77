import { valueAt } from '../../base/maps/index.js';
import { createElement, type Element } from '../elements/index.js';
import { createPlacement } from '../placement/index.js';
import type { Kind, WidgetDocument } from './document.js';
import { schemaVersion } from './document.js';
import type { Branch } from './operations.js';
import { withDescendants } from './tree.js';

/** Makes element ids: `random` gives numbers from 0 up to 1, such as `Math.random`. */
export function newId(random: () => number): string {
  return `e${Math.floor(random() * 36 ** 8)
    .toString(36)
    .padStart(8, '0')}`;
}

/** A widget with nothing in it yet but an empty opening and an empty thanks scene. */
export function createWidget(name: string, kind: Kind = 'popup'): WidgetDocument {
  const root: Element = createElement('group');
  return {
    schema: schemaVersion,
    name,
    kind,
    placement: createPlacement(kind === 'popup' ? 'centre' : 'inline'),
    scenes: { opening: { root: 'opening' }, thanks: { root: 'thanks' } },
    elements: { opening: root, thanks: { ...root } },
    style: {},
    behaviour: {
      triggers: { any: [{ type: 'load' }] },
      targeting: { all: [] },
      frequency: kind === 'popup' ? { per: 'visit' } : { per: 'page' },
      returning: { afterClosing: kind === 'popup' ? 7 : 0, afterSubmitting: kind === 'popup' ? null : 0 },
      priority: 0,
    },
    afterwards: { visitor: { type: 'scene' }, actions: [] },
  };
}

/** A copy of an element and all it holds, under new ids. */
export function copyBranch(
  elements: Readonly<Record<string, Element>>,
  id: string,
  random: () => number,
): Branch {
  const ids = new Map(withDescendants(elements, id).map((old) => [old, newId(random)]));
  const fresh = (old: string) => ids.get(old) as string;
  const copies = [...ids.keys()].map((old) => {
    const element = structuredCloneOf(valueAt(elements, old) as Element);
    return [
      fresh(old),
      'children' in element ? { ...element, children: element.children.map(fresh) } : element,
    ];
  });
  return { root: fresh(id), elements: Object.fromEntries(copies) as Record<string, Element> };
}

// structuredClone belongs to the platform, and core has none; elements are JSON by definition.
const structuredCloneOf = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;
