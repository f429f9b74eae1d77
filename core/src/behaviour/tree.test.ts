import fc from 'fast-check';
import { compileTree, explainTree, leavesOf, mapLeaves, type Tree } from './tree.js';

// A condition and a fact that are nobody else's: forms and actions bring theirs in the same way.
interface Holds {
  type: 'holds';
  letter: string;
}
const compileLeaf =
  ({ letter }: Holds) =>
  (word: string) =>
    word.includes(letter);

const leaf = fc.record({ type: fc.constant('holds' as const), letter: fc.constantFrom('a', 'b', 'c') });
const { tree: anyTree } = fc.letrec<{ tree: Tree<Holds> }>((tie) => ({
  tree: fc.oneof(
    { maxDepth: 4 },
    leaf,
    fc.record({ all: fc.array(tie('tree'), { maxLength: 4 }) }),
    fc.record({ any: fc.array(tie('tree'), { maxLength: 4 }) }),
    fc.record({ none: fc.array(tie('tree'), { maxLength: 4 }) }),
  ),
}));

function plainly(tree: Tree<Holds>, word: string): boolean {
  if ('all' in tree) return tree.all.every((one) => plainly(one, word));
  if ('any' in tree) return tree.any.some((one) => plainly(one, word));
  if ('none' in tree) return !tree.none.some((one) => plainly(one, word));
  return word.includes(tree.letter);
}

test('a compiled tree says what the words all, any and none say, and its explanation agrees at every node', () => {
  fc.assert(
    fc.property(anyTree, fc.constantFrom('', 'a', 'ab', 'abc', 'xyz'), (tree, word) => {
      expect(compileTree(tree, compileLeaf)(word)).toBe(plainly(tree, word));
      const agrees = (node: Tree<Holds>, outcome: ReturnType<typeof explainTree<Holds, string>>): void => {
        expect(outcome.holds).toBe(plainly(node, word));
        const inside = 'all' in node ? node.all : 'any' in node ? node.any : 'none' in node ? node.none : [];
        expect(outcome.children).toHaveLength(inside.length);
        inside.forEach((one, at) => agrees(one, outcome.children[at] as typeof outcome));
      };
      agrees(tree, explainTree(tree, word, compileLeaf));
    }),
  );
});

test('mapped onto themselves the leaves make the same tree, and others stand where those stood', () => {
  fc.assert(
    fc.property(anyTree, (tree) => {
      expect(mapLeaves(tree, (one) => one)).toEqual(tree);
      const next = mapLeaves<Holds>(tree, (one) => ({ any: [{ ...one, letter: `${one.letter}!` }] }));
      expect(leavesOf(next).map(({ letter }) => letter)).toEqual(
        leavesOf(tree).map(({ letter }) => `${letter}!`),
      );
    }),
  );
});
