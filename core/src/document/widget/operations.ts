import { forgotten } from '../../base/exhaustive/index.js';
import { valueAt } from '../../base/maps/index.js';
import type { Element } from '../elements/index.js';
import type { WidgetDocument } from './document.js';
import { ancestorsOf, childrenOf, parentOf, withDescendants } from './tree.js';

/** A path into the document, key by key. */
export type Path = readonly string[];

/** An element with all it holds, taken out of a document or about to be put in. */
export interface Branch {
  root: string;
  elements: Record<string, Element>;
}

/** One edit. Every change of a document is one of these, and each has an inverse that is one of these too. */
export type Operation =
  /** Sets or, with `value` undefined, takes away what stands at a path. */
  | { type: 'set'; path: Path; value: unknown }
  | { type: 'insert'; branch: Branch; parent: string; at: number }
  | { type: 'remove'; id: string }
  /** Moves an element to a parent; `at` counts the places once the element has been taken out. */
  | { type: 'move'; id: string; parent: string; at: number }
  /** Several edits as one step. */
  | { type: 'group'; operations: Operation[] };

/** Thrown when an operation does not fit the document. */
export class OperationError extends Error {}

export interface Edit {
  document: WidgetDocument;
  /** Takes the edit back. */
  inverse: Operation;
}

/**
 * Applies one operation. The document given is left as it is; the one returned shares all that did not change.
 *
 * @throws OperationError when the operation names what does not exist, or would make a circle
 * @example
 * const { document, inverse } = applyOperation(before, { type: 'set', path: ['name'], value: 'Sky letter' });
 */
export function applyOperation(document: WidgetDocument, operation: Operation): Edit {
  switch (operation.type) {
    case 'set':
      return set(document, operation.path, operation.value);
    case 'insert':
      return insert(document, operation);
    case 'remove':
      return remove(document, operation.id);
    case 'move':
      return move(document, operation);
    case 'group':
      return group(document, operation.operations);
    default:
      return forgotten(operation);
  }
}

function set(document: WidgetDocument, path: Path, value: unknown): Edit {
  if (path.length === 0) throw new OperationError('A path is needed');
  if (path.some((key) => key === '__proto__' || key === 'constructor' || key === 'prototype')) {
    throw new OperationError(`${path.join('.')} can't be set`);
  }
  const before = readPath(document, path);
  const written = writePath(document, path, value) as WidgetDocument;
  // A widget without a style of its own has an empty one, not none.
  const next = path[0] === 'style' && path.length > 1 && !written.style ? { ...written, style: {} } : written;
  return { document: next, inverse: { type: 'set', path, value: before } };
}

/** What stands at a path, or `undefined`. */
export function readPath(from: unknown, path: Path): unknown {
  return path.reduce<unknown>(
    (at, key) =>
      typeof at === 'object' && at !== null ? valueAt(at as Record<string, unknown>, key) : undefined,
    from,
  );
}

// Objects on the way are made when something is set and removed again when their last value goes, so that setting and
// taking back leaves no trace.
function writePath(from: unknown, path: Path, value: unknown): unknown {
  const [key, ...rest] = path as [string, ...string[]];
  const holder = from ?? {};
  const inner = valueAt(holder as Record<string, unknown>, key);
  const next = rest.length === 0 ? value : writePath(inner, rest, value);
  if (Array.isArray(holder)) {
    if (next === undefined)
      throw new OperationError(`${path.join('.')}: set the whole list to take an entry away`);
    return holder.map((item: unknown, at) => (String(at) === key ? next : item));
  }
  const { [key]: _, ...others } = holder as Record<string, unknown>;
  const gone = next === undefined || (rest.length > 0 && value === undefined && isEmpty(next));
  return gone ? others : { ...holder, [key]: next };
}

const isEmpty = (value: unknown): boolean =>
  typeof value === 'object' && value !== null && !Array.isArray(value) && Object.keys(value).length === 0;

function holder(document: WidgetDocument, id: string): Element & { children: string[] } {
  const element = valueAt(document.elements, id);
  if (!element || !('children' in element)) throw new OperationError(`Element ${id} can't hold others`);
  return element;
}

function withChildren(document: WidgetDocument, id: string, children: string[]): WidgetDocument {
  const element = { ...holder(document, id), children };
  return { ...document, elements: { ...document.elements, [id]: element } };
}

const placed = (list: readonly string[], id: string, at: number): string[] => [
  ...list.slice(0, at),
  id,
  ...list.slice(at),
];

function insert(document: WidgetDocument, { branch, parent, at }: Operation & { type: 'insert' }): Edit {
  const taken = Object.keys(branch.elements).find((id) => Object.hasOwn(document.elements, id));
  if (taken) throw new OperationError(`Element ${taken} is in the document already`);
  if (!valueAt(branch.elements, branch.root)) throw new OperationError('The branch has no root');
  const children = holder(document, parent).children;
  const grown = { ...document, elements: { ...document.elements, ...branch.elements } };
  const document2 = withChildren(
    grown,
    parent,
    placed(children, branch.root, Math.min(Math.max(at, 0), children.length)),
  );
  return { document: document2, inverse: { type: 'remove', id: branch.root } };
}

function remove(document: WidgetDocument, id: string): Edit {
  const parent = parentOf(document.elements, id);
  if (!parent)
    throw new OperationError(`Element ${id} can't be removed: it is the root of a scene, or not there`);
  const children = childrenOf(valueAt(document.elements, parent));
  const gone = withDescendants(document.elements, id);
  const kept = Object.fromEntries(Object.entries(document.elements).filter(([key]) => !gone.includes(key)));
  const branch = {
    root: id,
    elements: Object.fromEntries(gone.map((key) => [key, valueAt(document.elements, key) as Element])),
  };
  const without = children.filter((child) => child !== id);
  return {
    document: withChildren({ ...document, elements: kept }, parent, without),
    inverse: { type: 'insert', branch, parent, at: children.indexOf(id) },
  };
}

function move(document: WidgetDocument, { id, parent, at }: Operation & { type: 'move' }): Edit {
  const from = parentOf(document.elements, id);
  if (!from)
    throw new OperationError(`Element ${id} can't be moved: it is the root of a scene, or not there`);
  if (parent === id || ancestorsOf(document.elements, parent).includes(id)) {
    throw new OperationError(`Element ${id} can't be moved into itself`);
  }
  const before = holder(document, from).children;
  const taken = withChildren(
    document,
    from,
    before.filter((child) => child !== id),
  );
  const target = holder(taken, parent).children;
  const place = Math.min(Math.max(at, 0), target.length);
  return {
    document: withChildren(taken, parent, placed(target, id, place)),
    inverse: { type: 'move', id, parent: from, at: before.indexOf(id) },
  };
}

function group(document: WidgetDocument, operations: Operation[]): Edit {
  const inverses: Operation[] = [];
  let current = document;
  for (const operation of operations) {
    const edit = applyOperation(current, operation);
    current = edit.document;
    inverses.unshift(edit.inverse);
  }
  return { document: current, inverse: { type: 'group', operations: inverses } };
}
