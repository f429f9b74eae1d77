import { createElement } from '../elements/index.js';
import type { WidgetDocument } from './document.js';
import { isNamedScene, standardScenes, type SceneName } from '../scenes/index.js';
import { newId } from './create.js';
import type { Operation } from './operations.js';
import { withDescendants } from './tree.js';

export const regionNames = ['header', 'footer'] as const;
export type RegionName = (typeof regionNames)[number];

function add(
  path: [string, string],
  random: () => number,
  more: { title?: string } = {},
): { operation: Operation; root: string } {
  const root = newId(random);
  const operations: Operation[] = [
    { type: 'set', path: ['elements', root], value: createElement('group') },
    { type: 'set', path, value: { root, ...more } },
  ];
  return { operation: { type: 'group', operations }, root };
}

function take(document: WidgetDocument, path: [string, string], root: string): Operation {
  const gone = withDescendants(document.elements, root);
  return {
    type: 'group',
    operations: [
      { type: 'set', path, value: undefined },
      ...gone.map((id): Operation => ({ type: 'set', path: ['elements', id], value: undefined })),
    ],
  };
}

/** The edit that gives a widget one more scene, empty. */
export const addScene = (name: SceneName, random: () => number) => add(['scenes', name], random);

/** The edit that gives a widget a scene of the designer's own, empty, and the name by which buttons lead to it. */
export function addNamedScene(
  title: string,
  random: () => number,
): { operation: Operation; root: string; name: SceneName } {
  const name: SceneName = `scene-${newId(random)}`;
  return { ...add(['scenes', name], random, { title }), name };
}

/** The scenes that a widget has: the standard ones in their order, then those of the designer's own. */
export const scenesOf = ({ scenes }: Pick<WidgetDocument, 'scenes'>): SceneName[] => [
  ...standardScenes.filter((name) => Object.hasOwn(scenes, name)),
  ...(Object.keys(scenes) as SceneName[]).filter((name) => isNamedScene(name)),
];

/** The edit that takes a scene away, with all it holds; `null` for the opening, which every widget has. */
export function removeScene(document: WidgetDocument, name: SceneName): Operation | null {
  const scene = document.scenes[name];
  return scene && name !== 'opening' ? take(document, ['scenes', name], scene.root) : null;
}

/** The edit that gives a widget a header or a footer, empty, or takes it away with all it holds. */
export function toggleRegion(document: WidgetDocument, name: RegionName, random: () => number): Operation {
  const region = document.regions?.[name];
  return region ? take(document, ['regions', name], region.root) : add(['regions', name], random).operation;
}
