/** Conditions, nested: all, any or none of them. An empty list of `all` or `none` holds; an empty `any` does not. */
export type Tree<Leaf extends { type: string }> =
  { all: Tree<Leaf>[] } | { any: Tree<Leaf>[] } | { none: Tree<Leaf>[] } | Leaf;

type Test<Fact> = (fact: Fact) => boolean;

/**
 * Compiles a tree of conditions into one closure; done once, since a tree is tested often.
 *
 * @param compileLeaf compiles a condition that holds no others
 * @example compileTree({ any: [{ type: 'is', word: 'a' }] }, ({ word }) => (fact: string) => fact === word)
 */
export function compileTree<Leaf extends { type: string }, Fact>(
  tree: Tree<Leaf>,
  compileLeaf: (leaf: Leaf) => Test<Fact>,
): Test<Fact> {
  const combine = (trees: readonly Tree<Leaf>[], all: boolean): Test<Fact> => {
    const tests = trees.map((one) => compileTree(one, compileLeaf));
    const [first = () => all, second] = tests;
    if (!second) return first;
    // Most lists have two entries; a direct call spares them the loop (about a third of the time, bench/rules).
    if (tests.length === 2)
      return all ? (fact) => first(fact) && second(fact) : (fact) => first(fact) || second(fact);
    return (fact) => {
      for (const test of tests) if (test(fact) !== all) return !all;
      return all;
    };
  };
  if ('all' in tree) return combine(tree.all, true);
  if ('any' in tree) return combine(tree.any, false);
  if ('none' in tree) {
    const any = combine(tree.none, false);
    return (fact) => !any(fact);
  }
  return compileLeaf(tree);
}

/** A tree with the outcome of every node, for one fact. */
export interface Outcome<Leaf> {
  holds: boolean;
  node: 'all' | 'any' | 'none' | Leaf;
  children: Outcome<Leaf>[];
}

/** Says for every node of a tree whether it holds. */
export function explainTree<Leaf extends { type: string }, Fact>(
  tree: Tree<Leaf>,
  fact: Fact,
  compileLeaf: (leaf: Leaf) => Test<Fact>,
): Outcome<Leaf> {
  const holds = compileTree(tree, compileLeaf)(fact);
  const children = (trees: readonly Tree<Leaf>[]) => trees.map((one) => explainTree(one, fact, compileLeaf));
  if ('all' in tree) return { holds, node: 'all', children: children(tree.all) };
  if ('any' in tree) return { holds, node: 'any', children: children(tree.any) };
  if ('none' in tree) return { holds, node: 'none', children: children(tree.none) };
  return { holds, node: tree, children: [] };
}

/** The conditions of a tree that hold no others. */
export function leavesOf<Leaf extends { type: string }>(tree: Tree<Leaf>): Leaf[] {
  if ('all' in tree) return tree.all.flatMap((one) => leavesOf(one));
  if ('any' in tree) return tree.any.flatMap((one) => leavesOf(one));
  if ('none' in tree) return tree.none.flatMap((one) => leavesOf(one));
  return [tree];
}

/** The same tree with something else in the place of each of its leaves. */
export function mapLeaves<Leaf extends { type: string }>(
  tree: Tree<Leaf>,
  map: (leaf: Leaf) => Tree<Leaf>,
): Tree<Leaf> {
  const each = (trees: readonly Tree<Leaf>[]) => trees.map((one) => mapLeaves(one, map));
  if ('all' in tree) return { all: each(tree.all) };
  if ('any' in tree) return { any: each(tree.any) };
  if ('none' in tree) return { none: each(tree.none) };
  return map(tree);
}
