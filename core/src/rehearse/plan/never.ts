import { groupOf, type Targeting } from '../../behaviour/index.js';
import { anyVisit } from './any-visit.js';
import { satisfy } from './satisfy.js';

/** The conditions, or groups, of a tree that nobody can match together. */
export interface Never {
  nodes: Targeting[];
}

/**
 * Whether nobody can match a tree, whatever page they are on, and what of it is to blame: as few of the outermost group's
 * conditions as rule each other out.
 *
 * @returns `null` where somebody can
 */
export function neverMatches(tree: Targeting): Never | null {
  if (canMatch([tree])) return null;
  const group = groupOf(tree);
  if (group?.group !== 'all') return { nodes: [tree] };
  const { children } = group;
  for (const child of children) if (!canMatch([child])) return { nodes: [child] };
  for (const [at, child] of children.entries())
    for (const other of children.slice(at + 1))
      if (!canMatch([child, other])) return { nodes: [child, other] };
  return { nodes: children };
}

/** Conditions on the page may hold or not, each for itself: which pages there are is not known. */
const canMatch = (trees: readonly Targeting[]): boolean => satisfy(trees, anyVisit, () => undefined) !== null;
