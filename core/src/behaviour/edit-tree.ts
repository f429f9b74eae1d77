import type { Tree } from './tree.js';

export type Group = 'all' | 'any' | 'none';

/** Where a node stands in a tree: the place among its group's children at each level; the root is `[]`. */
export type TreePath = readonly number[];

type Leaf = { type: string };
type Node<L extends Leaf> = Tree<L>;

/** What a group of a tree is, and what it holds; `null` for a condition. */
export function groupOf<L extends Leaf>(tree: Node<L>): { group: Group; children: Node<L>[] } | null {
  if ('all' in tree) return { group: 'all', children: tree.all };
  if ('any' in tree) return { group: 'any', children: tree.any };
  if ('none' in tree) return { group: 'none', children: tree.none };
  return null;
}

/** A group of nodes. */
export const grouped = <L extends Leaf>(group: Group, children: Node<L>[]): Node<L> =>
  ({ [group]: children }) as Node<L>;

/** The node at a path; `undefined` where there is none. */
export function nodeAt<L extends Leaf>(tree: Node<L>, path: TreePath): Node<L> | undefined {
  return path.reduce<Node<L> | undefined>((node, at) => node && groupOf(node)?.children[at], tree);
}

/** The tree with other nodes in the place of the one at a path: none of them removes it. The root is never removed. */
export function replaceAt<L extends Leaf>(tree: Node<L>, path: TreePath, nodes: Node<L>[]): Node<L> {
  const [at, ...rest] = path;
  if (at === undefined) return nodes[0] ?? tree;
  const here = groupOf(tree);
  const child = here?.children[at];
  if (!here || !child) return tree;
  const next = rest.length === 0 ? nodes : [replaceAt(child, rest, nodes)];
  return grouped(here.group, spliced(here.children, at, 1, next));
}

/** Adds a node as the last of the group at a path. A condition there becomes a group of both. */
export function addAt<L extends Leaf>(tree: Node<L>, path: TreePath, node: Node<L>): Node<L> {
  const here = nodeAt(tree, path);
  if (!here) return tree;
  const group = groupOf(here);
  return replaceAt(tree, path, [
    group ? grouped(group.group, [...group.children, node]) : grouped('all', [here, node]),
  ]);
}

/** Puts a node into a group of its own. */
export const wrapAt = <L extends Leaf>(tree: Node<L>, path: TreePath, group: Group = 'any'): Node<L> => {
  const here = nodeAt(tree, path);
  return here ? replaceAt(tree, path, [grouped(group, [here])]) : tree;
};

/** Puts what a group holds in the group's place; of the root, which has to be one node, what it holds alone. */
export function unwrapAt<L extends Leaf>(tree: Node<L>, path: TreePath): Node<L> {
  const here = nodeAt(tree, path);
  const children = here && groupOf(here)?.children;
  return children && (path.length > 0 || children.length === 1) ? replaceAt(tree, path, children) : tree;
}

/**
 * Moves a node one place up or down among all that can be seen: past a condition beside it, into a group beside it, and out of
 * its own group at the end of it.
 *
 * @returns the tree, and where the node stands in it now; both as they were where it can't be moved
 */
export function moveAt<L extends Leaf>(
  tree: Node<L>,
  path: TreePath,
  by: 1 | -1,
): { tree: Node<L>; path: TreePath } {
  const stays = { tree, path };
  const node = nodeAt(tree, path);
  const at = path.at(-1);
  if (!node || at === undefined) return stays;
  const parent = path.slice(0, -1);
  const siblings = groupOf(nodeAt(tree, parent) as Node<L>)?.children ?? [];
  const beside = siblings[at + by];
  const without = replaceAt(tree, path, []);
  if (beside) {
    const group = groupOf(beside);
    // Once the node is gone, those after it have moved up.
    const place = by === 1 ? at : at - 1;
    if (!group) return inserted(without, parent, at + by, node);
    return inserted(without, [...parent, place], by === 1 ? 0 : group.children.length, node);
  }
  const outer = parent.at(-1);
  if (outer === undefined) return stays;
  return inserted(without, parent.slice(0, -1), by === 1 ? outer + 1 : outer, node);
}

function inserted<L extends Leaf>(
  tree: Node<L>,
  parent: TreePath,
  at: number,
  node: Node<L>,
): { tree: Node<L>; path: TreePath } {
  const group = groupOf(nodeAt(tree, parent) as Node<L>);
  if (!group) return { tree, path: parent };
  const next = grouped(group.group, spliced(group.children, at, 0, [node]));
  return { tree: replaceAt(tree, parent, [next]), path: [...parent, at] };
}

const spliced = <T>(list: readonly T[], at: number, gone: number, come: readonly T[]): T[] => [
  ...list.slice(0, at),
  ...come,
  ...list.slice(at + gone),
];
