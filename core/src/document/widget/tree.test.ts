import fc from 'fast-check';
import { buildWidget, column, heading, words } from '../../library/sketch/index.js';
import {
  ancestorsOf,
  applyOperation,
  childrenOf,
  moveByKey,
  parentOf,
  rootsOf,
  sceneOf,
  treeProblems,
  withDescendants,
  type Direction,
  type WidgetDocument,
} from './index.js';

const document = buildWidget({
  name: 'Nested',
  kind: 'popup',
  placement: { type: 'centre' },
  opening: [
    { ...heading('One'), id: 'one' },
    { ...column([{ ...column([{ ...words('Inmost'), id: 'inmost' }]), id: 'inner' }]), id: 'outer' },
    { ...words('Last'), id: 'last' },
  ],
  scenes: { thanks: [{ ...words('Thanks'), id: 'thanked' }] },
});

/** The parent as one looks for it with nothing kept. */
const searched = ({ elements }: WidgetDocument, id: string): string | null =>
  Object.keys(elements).find((one) => childrenOf(elements[one]).includes(id)) ?? null;

test('the parent is the one that holds it; roots and strangers have none', () => {
  expect(parentOf(document.elements, 'inmost')).toBe('inner');
  expect(parentOf(document.elements, 'inner')).toBe('outer');
  for (const [, root] of rootsOf(document)) expect(parentOf(document.elements, root)).toBeNull();
  expect(parentOf(document.elements, 'nobody')).toBeNull();
  expect(parentOf(document.elements, 'constructor')).toBeNull();
});

test('what is known of a document says nothing of the one an edit made of it', () => {
  const ids = ['one', 'outer', 'inner', 'inmost', 'last'];
  const directions: Direction[] = ['up', 'down', 'in', 'out'];
  const moves = fc.array(fc.tuple(fc.constantFrom(...ids), fc.constantFrom(...directions)), {
    maxLength: 12,
  });
  fc.assert(
    fc.property(moves, (steps) => {
      let now = document;
      for (const [id, direction] of steps) {
        const operation = moveByKey(now, id, direction);
        if (operation) now = applyOperation(now, operation).document;
        for (const one of ids) expect(parentOf(now.elements, one)).toBe(searched(now, one));
      }
      for (const one of ids) expect(parentOf(document.elements, one)).toBe(searched(document, one));
    }),
  );
});

test('what is around is named from the inside out, what is within in reading order', () => {
  const { root } = document.scenes.opening;
  expect(ancestorsOf(document.elements, 'inmost')).toEqual(['inner', 'outer', root]);
  expect(ancestorsOf(document.elements, root)).toEqual([]);
  expect(withDescendants(document.elements, 'outer')).toEqual(['outer', 'inner', 'inmost']);
  expect(withDescendants(document.elements, root)).toEqual([root, 'one', 'outer', 'inner', 'inmost', 'last']);
});

test.each([
  ['inmost', 'opening'],
  ['thanked', 'thanks'],
  ['nobody', null],
])('%s stands in %s', (id, scene) => {
  expect(sceneOf(document, id)).toBe(scene);
});

describe('a tree that is none', () => {
  const withChildren = (id: string, children: string[]): WidgetDocument => ({
    ...document,
    elements: { ...document.elements, [id]: { ...document.elements[id], children } as never },
  });
  const reasons = (broken: WidgetDocument) => treeProblems(broken).map(({ reason }) => reason);

  it.each([
    ['a circle', withChildren('inner', ['inmost', 'outer']), /second time/],
    ['an element in two places', withChildren('inner', ['inmost', 'last']), /second time/],
    ['a child that is nowhere', withChildren('inner', ['inmost', 'ghost']), /ghost, which does not exist/],
    ['an orphan', withChildren('inner', []), /stands in no scene/],
  ])('%s is found', (_, broken, reason) => {
    expect(reasons(broken).join('; ')).toMatch(reason);
  });

  it('and a sound one has no fault', () => {
    expect(treeProblems(document)).toEqual([]);
  });
});
