import fc from 'fast-check';
import { valueAt } from '../../base/maps/index.js';
import { buildWidget, column, heading, words } from '../../library/sketch/index.js';
import { anyDocument, fromList } from '../../testing/documents.js';
import { createPlacement, type PlacementType } from '../placement/index.js';
import {
  addNamedScene,
  addScene,
  applyOperation,
  branchProblems,
  changePlacement,
  removeScene,
  scenesOf,
  standardScenes,
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

test('a scene of one’s own comes with a title, stands after the others, and goes again', () => {
  const { operation, root, name } = addNamedScene('Register', random());
  const added = both(document, operation);
  expect(valueAt(added.scenes, name)).toEqual({ root, title: 'Register' });
  expect(scenesOf(added)).toEqual(['opening', 'thanks', name]);
  expect(scenesOf(both(added, removeScene(added, name) as Operation))).toEqual(['opening', 'thanks']);
});

test.each<[string, Record<string, unknown>, string]>([
  [
    'a name that is none',
    { register: { root: 'more', title: 'More' } },
    'scenes.register: is not a known field',
  ],
  [
    'an inherited name',
    { constructor: { root: 'more', title: 'More' } },
    'scenes.constructor: is not a known field',
  ],
  ['one without a title', { 'scene-a': { root: 'more' } }, 'scenes.scene-a.title: is missing'],
  ['one of spaces', { 'scene-a': { root: 'more', title: '  ' } }, 'scenes.scene-a.title: must not be blank'],
  [
    'a standard one with a title',
    { empty: { root: 'more', title: 'More' } },
    'scenes.empty.title: is not a known field',
  ],
])('a scene of one’s own is refused: %s', (_, scenes, problem) => {
  const more = { type: 'group', direction: 'column', children: [] };
  const result = validateDocument({
    ...document,
    scenes: { ...document.scenes, ...scenes },
    elements: { ...document.elements, more },
  });
  if (result.ok) throw new Error('was let by');
  const [{ path, reason } = { path: '', reason: '' }] = result.problems;
  expect(`${path}: ${reason}`).toBe(problem);
});

test('more than twenty scenes of one’s own are too many', () => {
  const names = Array.from({ length: 21 }, (_, at) => `scene-${at}`);
  const group = { type: 'group', direction: 'column', children: [] };
  const more = (of: (name: string) => [string, unknown]) => Object.fromEntries(names.map(of));
  const result = validateDocument({
    ...document,
    scenes: { ...document.scenes, ...more((name) => [name, { root: name.replace('-', ''), title: name }]) },
    elements: { ...document.elements, ...more((name) => [name.replace('-', ''), group]) },
  });
  expect(result).toMatchObject({ ok: false, problems: [{ reason: 'has more than 20 scenes of its own' }] });
});

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
  for (const name of standardScenes.filter((one) => !document.scenes[one]))
    all = applyOperation(
      all,
      addScene(name, () => Math.abs(Math.sin(Object.keys(all.elements).length))).operation,
    ).document;
  expect(Object.keys(all.scenes).sort()).toEqual([...standardScenes].sort());
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
