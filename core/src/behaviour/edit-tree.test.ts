import fc from 'fast-check';
import { addAt, groupOf, moveAt, nodeAt, replaceAt, unwrapAt, wrapAt, type TreePath } from './edit-tree.js';
import { compileTree, leavesOf, type Tree } from './tree.js';

type Word = { type: string };
const leaf = (type: string): Word => ({ type });
const { tree: trees } = fc.letrec<{ tree: Tree<Word> }>((tie) => ({
  tree: fc.oneof(
    { maxDepth: 4 },
    fc.constantFrom('a', 'b', 'c', 'd').map(leaf),
    fc.array(tie('tree'), { maxLength: 4 }).map((all) => ({ all })),
    fc.array(tie('tree'), { maxLength: 4 }).map((any) => ({ any })),
    fc.array(tie('tree'), { maxLength: 4 }).map((none) => ({ none })),
  ),
}));
const words = (tree: Tree<Word>) => leavesOf(tree).map(({ type }) => type);
const sorted = (tree: Tree<Word>) => words(tree).sort().join('');
function pathsOf(tree: Tree<Word>, path: TreePath = []): TreePath[] {
  return [path, ...(groupOf(tree)?.children ?? []).flatMap((child, at) => pathsOf(child, [...path, at]))];
}
const placed = fc
  .tuple(trees, fc.nat())
  .map(([tree, number]) => [tree, pathsOf(tree)[number % pathsOf(tree).length] ?? []] as const);

test('moving a node loses none, and says where it is now', () => {
  fc.assert(
    fc.property(placed, fc.constantFrom(1 as const, -1 as const), ([tree, path], by) => {
      const moved = moveAt(tree, path, by);
      expect(sorted(moved.tree)).toBe(sorted(tree));
      expect(nodeAt(moved.tree, moved.path)).toEqual(nodeAt(tree, path));
    }),
  );
});

test('moved and moved back, a condition among others stands where it stood', () => {
  const tree: Tree<Word> = { all: [leaf('a'), { any: [leaf('b'), leaf('c')] }, leaf('d')] };
  for (const path of pathsOf(tree).slice(1))
    for (const by of [1, -1] as const) {
      const there: ReturnType<typeof moveAt<Word>> = moveAt(tree, path, by);
      if (there.tree === tree) continue;
      const back = moveAt(there.tree, there.path, by === 1 ? -1 : 1);
      expect([path, by, back.tree]).toEqual([path, by, tree]);
    }
});

test('every place of a tree is reached by moving down', () => {
  let now: { tree: Tree<Word>; path: TreePath } = {
    tree: { all: [leaf('a'), { any: [leaf('b')] }, leaf('c')] },
    path: [0],
  };
  const seen = [words(now.tree).join('')];
  for (let step = 0; step < 4; step++) {
    now = moveAt(now.tree, now.path, 1);
    seen.push(`${words(now.tree).join('')}@${now.path.join('.')}`);
  }
  expect(seen).toEqual(['abc', 'abc@0.0', 'bac@0.1', 'bac@1', 'bca@2']);
});

test('wrapped and unwrapped, a tree is what it was', () => {
  fc.assert(
    fc.property(placed, ([tree, path]) => {
      expect(unwrapAt(wrapAt(tree, path), path)).toEqual(tree);
      // A group of one holds what that one holds.
      const test = (of: Tree<Word>) =>
        compileTree(
          of,
          ({ type }) =>
            (fact: string) =>
              type === fact,
        );
      for (const fact of 'abcd') expect(test(wrapAt(tree, path))(fact)).toBe(test(tree)(fact));
    }),
  );
});

test('added and removed, a tree is what it was; the root is never removed', () => {
  fc.assert(
    fc.property(placed, ([tree, path]) => {
      const group = groupOf(nodeAt(tree, path) as Tree<Word>);
      const added = addAt(tree, path, leaf('new'));
      expect(words(added)).toContain('new');
      if (group) expect(replaceAt(added, [...path, group.children.length], [])).toEqual(tree);
    }),
  );
  expect(replaceAt({ all: [] }, [], [])).toEqual({ all: [] });
  expect(unwrapAt({ all: [leaf('a'), leaf('b')] }, [])).toEqual({ all: [leaf('a'), leaf('b')] });
});
