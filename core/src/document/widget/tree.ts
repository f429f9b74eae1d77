import { valueAt } from '../../base/maps/index.js';
import type { Element } from '../elements/index.js';
import type { Problem } from '../../base/schema/problem.js';
import { limits, type WidgetDocument } from './document.js';
import type { SceneName } from '../scenes/index.js';

type Elements = Readonly<Record<string, Element>>;

/** The children of an element, in order; none for an element that holds no others. */
export function childrenOf(element: Element | undefined): readonly string[] {
  return element && 'children' in element ? element.children : [];
}

// A check asks for the parents of every element: looked for each time, that was 8 of its 12 ms for 150 elements. Elements
// are never changed in place, so what is found of a record of them stays true.
const parents = new WeakMap<Elements, ReadonlyMap<string, string>>();

/** The element that holds another, or `null` for the root of a scene. */
export function parentOf(elements: Elements, id: string): string | null {
  let found = parents.get(elements);
  if (!found) {
    const entries = Object.entries(elements);
    found = new Map(
      entries.flatMap(([parent, one]) => childrenOf(one).map((child): [string, string] => [child, parent])),
    );
    parents.set(elements, found);
  }
  return found.get(id) ?? null;
}

/** An element and all it holds, in reading order. */
export function withDescendants(elements: Elements, id: string): string[] {
  return [id, ...childrenOf(valueAt(elements, id)).flatMap((child) => withDescendants(elements, child))];
}

/** The chain of elements around one, nearest first, itself left out. */
export function ancestorsOf(elements: Elements, id: string): string[] {
  const chain: string[] = [];
  for (let parent = parentOf(elements, id); parent; parent = parentOf(elements, parent)) chain.push(parent);
  return chain;
}

/** The scene in which an element stands. */
export function sceneOf(document: WidgetDocument, id: string): SceneName | null {
  const root = [id, ...ancestorsOf(document.elements, id)].pop();
  const names = Object.keys(document.scenes) as SceneName[];
  return names.find((name) => valueAt(document.scenes, name)?.root === root) ?? null;
}

/** The elements that stand in no other: the roots of scenes and of regions, by where in the document they are named. */
export function rootsOf({
  scenes,
  regions = {},
}: Pick<WidgetDocument, 'scenes' | 'regions'>): [string, string][] {
  const named = (at: string, of: object): [string, string][] =>
    Object.entries(of as Record<string, { root: string }>).map(([name, { root }]) => [`${at}.${name}`, root]);
  return [...named('scenes', scenes), ...named('regions', regions)];
}

/** Finds circles, elements that stand twice or nowhere, children that do not exist, and trees that are too deep. */
export function treeProblems(document: Pick<WidgetDocument, 'scenes' | 'regions' | 'elements'>): Problem[] {
  const problems: Problem[] = [];
  const reached = new Set<string>();

  const visit = (id: string, path: string, depth: number): void => {
    if (!Object.hasOwn(document.elements, id)) {
      problems.push({ path, reason: `refers to element ${id}, which does not exist` });
    } else if (reached.has(id)) {
      problems.push({
        path,
        reason: `holds element ${id} a second time; an element stands in one place only`,
      });
    } else if (depth > limits.depth) {
      problems.push({ path, reason: `is nested deeper than ${limits.depth} levels` });
    } else {
      reached.add(id);
      childrenOf(valueAt(document.elements, id)).forEach((child, at) =>
        visit(child, `elements.${id}.children.${at}`, depth + 1),
      );
    }
  };

  for (const [name, root] of rootsOf(document)) visit(root, `${name}.root`, 1);
  for (const id of Object.keys(document.elements)) {
    if (!reached.has(id)) problems.push({ path: `elements.${id}`, reason: 'stands in no scene' });
  }
  return problems;
}

/** Whether a widget holds markup, drawings or styles of the designer's own, which are made safe before they are shown. */
export function needsForeign({ css, elements }: Pick<WidgetDocument, 'css' | 'elements'>): boolean {
  return css !== undefined || Object.values(elements).some((one) => one.type === 'html' || 'svg' in one);
}
