import fc from 'fast-check';
import { buildWidget, column, heading, words } from '../sketch/index.js';
import { anyDocument, fromList } from '../testing/documents.js';
import { createPlacement, type PlacementType } from '../placement/index.js';
import {
  addScene,
  applyOperation,
  branchProblems,
  changePlacement,
  removeScene,
  scenes,
  toggleRegion,
  validateDocument,
  type Operation,
  type WidgetDocument,
} from './index.js';

const document = buildWidget({
  name: 'Any',
  kind: 'popup',
  placement: { type: 'centre' },
  opening: [{ ...heading('Hello'), id: 'hello' }],
  scenes: { thanks: [column([words('Thanks')])] },
  style: { overlay: { box: { base: { radius: 20 } }, backdrop: { base: { background: '#000000' } } } },
});
const random = () => fromList([0.1, 0.2, 0.3, 0.4]);
const both = (from: WidgetDocument, operation: Operation) => {
  const { document: after, inverse } = applyOperation(from, operation);
  expect(validateDocument(after)).toMatchObject({ ok: true });
  expect(applyOperation(after, inverse).document).toEqual(from);
  return after;
};

test('a scene comes, empty, and goes with all it holds', () => {
  const { operation, root } = addScene('empty', random());
  const added = both(document, operation);
  expect(added.scenes.empty).toEqual({ root });
  const gone = removeScene(document, 'thanks');
  expect(Object.keys(both(document, gone as Operation).elements)).toEqual(['opening', 'hello']);
});

test('the opening stays, and what is not there can’t go', () => {
  expect(removeScene(document, 'opening')).toBeNull();
  expect(removeScene(document, 'expired')).toBeNull();
});

test('a header and a footer come and go', () => {
  const withHeader = both(document, toggleRegion(document, 'header', random()));
  expect(withHeader.regions?.header).toBeDefined();
  const without = both(withHeader, toggleRegion(withHeader, 'header', random()));
  expect(without.regions?.header).toBeUndefined();
  expect(Object.keys(without.elements)).toHaveLength(Object.keys(document.elements).length);
});

test('every scene can be had', () => {
  let all = document;
  for (const name of scenes.filter((one) => !document.scenes[one]))
    all = applyOperation(
      all,
      addScene(name, () => Math.abs(Math.sin(Object.keys(all.elements).length))).operation,
    ).document;
  expect(Object.keys(all.scenes).sort()).toEqual([...scenes].sort());
  expect(validateDocument(all)).toMatchObject({ ok: true });
});

describe('a change of placement', () => {
  const types: PlacementType[] = [
    'centre',
    'corner',
    'side',
    'bar',
    'cover',
    'anchored',
    'inline',
    'page',
    'launcher',
  ];

  it('to any type is sound, and taken back', () => {
    fc.assert(
      fc.property(anyDocument, fc.constantFrom(...types), fc.constantFrom(...types), (any, first, second) => {
        const once = applyOperation(any, changePlacement(any, first)).document;
        const { document: twice, inverse } = applyOperation(once, changePlacement(once, second));
        expect(validateDocument(twice)).toMatchObject({ ok: true });
        expect(twice.placement.type).toBe(second);
        expect(applyOperation(twice, inverse).document).toEqual(once);
      }),
      { numRuns: 60 },
    );
  });

  it('takes along how it closes, how wide it is, and what the box says', () => {
    const closing = { button: false, escape: true, backdrop: true, after: 9 };
    const closed = {
      ...document,
      placement: { ...createPlacement('centre'), closing, width: 420 },
    } as WidgetDocument;
    const corner = both(closed, changePlacement(closed, 'corner'));
    expect(corner.placement).toMatchObject({ closing, width: 420 });
    const inline = both(corner, changePlacement(corner, 'inline'));
    expect(inline.style).toEqual({ panel: { box: { base: { radius: 20 } } } });
  });

  it('does not take the width of a box for that of a bar', () => {
    expect(both(document, changePlacement(document, 'bar')).placement).toMatchObject({ width: 1120 });
  });
});

describe('an element from outside any document', () => {
  const sound = {
    root: 'a',
    elements: { a: { type: 'group', direction: 'row', children: ['b'] }, b: { type: 'badge', words: 'x' } },
  };

  it('may be sound', () => {
    expect(branchProblems(sound)).toEqual([]);
  });

  it.each<[string, unknown, RegExp]>([
    ['nothing', undefined, /^root/],
    ['a number', 7, /^root/],
    ['no root', { elements: {} }, /^root/],
    ['no elements', { root: 'a' }, /^elements/],
    ['an unknown field', { ...sound, hat: 1 }, /^hat is not a known field/],
    ['a root that is not there', { root: 'z', elements: {} }, /refers to element z/],
    [
      'an orphan',
      { ...sound, elements: { ...sound.elements, c: { type: 'badge', words: 'x' } } },
      /c stands in no scene/,
    ],
    ['null for an element', { root: 'a', elements: { a: null } }, /elements\.a must be an element/],
    ['an unknown kind', { root: 'a', elements: { a: { type: 'hat' } } }, /"hat" is not a known kind/],
    [
      'too many',
      { root: 'e0', elements: Object.fromEntries(Array.from({ length: 2001 }, (_, at) => [`e${at}`, {}])) },
      /at most 2000/,
    ],
  ])('%s is refused', (_, input, reason) => {
    const [first] = branchProblems(input);
    expect(`${first?.path} ${first?.reason}`).toMatch(reason);
  });
});
