import fc from 'fast-check';
import { anyDocument, freshRandom, signup } from '../../testing/documents.js';
import {
  applyOperation,
  childrenOf,
  copyBranch,
  duplicate,
  insertNew,
  moveByKey,
  moveTo,
  newElements,
  OperationError,
  parentOf,
  validateDocument,
  type Operation,
  type WidgetDocument,
} from './index.js';

/** One of the edits that the editor makes, chosen by numbers. */
function someOperation(document: WidgetDocument, kind: number, a: number, b: number): Operation | null {
  const ids = Object.keys(document.elements);
  const one = ids[a % ids.length] as string;
  const other = ids[b % ids.length] as string;
  const entry = newElements[b % newElements.length];
  const choices: (() => Operation | null)[] = [
    () => (parentOf(document.elements, one) ? { type: 'remove', id: one } : null),
    () => moveByKey(document, one, (['up', 'down', 'in', 'out'] as const)[b % 4] ?? 'up'),
    () => moveTo(document, one, other, (['before', 'after', 'inside'] as const)[(a + b) % 3] ?? 'after'),
    () => ({ type: 'set', path: ['elements', one, 'style', 'box', 'base', 'color'], value: '#123456' }),
    () => ({ type: 'set', path: ['elements', one, 'style', 'box', 'base', 'color'], value: undefined }),
    () => ({ type: 'set', path: ['name'], value: `Name ${b}` }),
    () =>
      entry ? (insertNew(document, entry.element, one, 'opening', freshRandom)?.operation ?? null) : null,
    () => {
      const parent = parentOf(document.elements, one);
      if (!parent) return null;
      return { type: 'insert', branch: copyBranch(document.elements, one, freshRandom), parent, at: b % 5 };
    },
  ];
  return choices[kind % choices.length]?.() ?? null;
}

const edits = fc.array(fc.tuple(fc.nat(7), fc.nat(), fc.nat()), { minLength: 1, maxLength: 12 });

test('an operation and then its inverse is the identity', () => {
  fc.assert(
    fc.property(anyDocument, edits, (start, steps) => {
      let document = start;
      for (const [kind, a, b] of steps) {
        const operation = someOperation(document, kind, a, b);
        if (!operation) continue;
        const frozen = JSON.stringify(document);
        const edit = applyOperation(document, operation);
        expect(JSON.stringify(document)).toBe(frozen);
        expect(applyOperation(edit.document, edit.inverse).document).toEqual(document);
        document = edit.document;
      }
    }),
    { numRuns: 150 },
  );
});

test('taking back a whole history, last edit first, leads back to where it began', () => {
  fc.assert(
    fc.property(anyDocument, edits, (start, steps) => {
      let document = start;
      const inverses: Operation[] = [];
      for (const [kind, a, b] of steps) {
        const operation = someOperation(document, kind, a, b);
        if (!operation) continue;
        const edit = applyOperation(document, operation);
        inverses.unshift(edit.inverse);
        document = edit.document;
      }
      const back = applyOperation(document, { type: 'group', operations: inverses }).document;
      expect(back).toEqual(start);
    }),
    { numRuns: 100 },
  );
});

test('moves by key and by drag never make a tree that would be refused', () => {
  fc.assert(
    fc.property(anyDocument, edits, (start, steps) => {
      let document = start;
      for (const [kind, a, b] of steps) {
        const operation = someOperation(document, 1 + (kind % 2), a, b);
        if (operation) document = applyOperation(document, operation).document;
      }
      const before = validateDocument(start);
      if (before.ok) expect(validateDocument(document)).toMatchObject({ ok: true });
    }),
    { numRuns: 150 },
  );
});

test('setting a value and taking it away leaves no empty objects behind', () => {
  const document = signup();
  const path = ['elements', 'title', 'style', 'box', 'base', 'color'];
  const { document: set } = applyOperation(document, { type: 'set', path, value: '#000000' });
  const { document: unset } = applyOperation(set, { type: 'set', path, value: undefined });
  expect(unset).toEqual(document);
});

test.each<[string, Operation]>([
  ['remove a root', { type: 'remove', id: 'opening' }],
  ['remove what is not there', { type: 'remove', id: 'nobody' }],
  ['move into itself', { type: 'move', id: 'form', parent: 'form', at: 0 }],
  ['move into a leaf', { type: 'move', id: 'title', parent: 'words', at: 0 }],
  ['insert an id twice', { type: 'insert', branch: { root: 'title', elements: {} }, parent: 'form', at: 0 }],
  ['set the prototype', { type: 'set', path: ['elements', '__proto__', 'type'], value: 'text' }],
  ['set nowhere', { type: 'set', path: [], value: 1 }],
])('an operation that does not fit is refused: %s', (_, operation) => {
  expect(() => applyOperation(signup(), operation)).toThrow(OperationError);
});

test('a failing edit in a group leaves the document as it was', () => {
  const document = signup();
  const before = JSON.stringify(document);
  const operations: Operation[] = [
    { type: 'remove', id: 'title' },
    { type: 'remove', id: 'nobody' },
  ];
  expect(() => applyOperation(document, { type: 'group', operations })).toThrow(OperationError);
  expect(JSON.stringify(document)).toBe(before);
});

test('a moved element stands where it was put, counted without itself', () => {
  const { document } = applyOperation(signup(), { type: 'move', id: 'name', parent: 'form', at: 2 });
  expect(childrenOf(document.elements['form'])).toEqual(['email', 'send', 'name']);
});

test('a copy of a branch has the same shape under new ids', () => {
  const { elements } = signup();
  const copy = copyBranch(elements, 'form', freshRandom);
  expect(Object.keys(copy.elements)).toHaveLength(4);
  expect(Object.keys(copy.elements).some((id) => id in elements)).toBe(false);
  expect(childrenOf(copy.elements[copy.root]).map((id) => copy.elements[id]?.type)).toEqual([
    'field',
    'field',
    'button',
  ]);
});

test('a field can be moved neither out of its form by drag nor by key', () => {
  const document = signup();
  expect(moveTo(document, 'email', 'title', 'before')).toBeNull();
  expect(moveByKey(document, 'email', 'out')).toBeNull();
  expect(moveByKey(document, 'name', 'up')).toBeNull();
  expect(moveByKey(document, 'send', 'out')).toEqual({ type: 'move', id: 'send', parent: 'opening', at: 3 });
});

test('a field moved or copied to where its key is taken gets a key of its own', () => {
  const copied = duplicate(signup(), 'form', freshRandom);
  if (!copied) throw new Error('no copy');
  const twoForms = applyOperation(signup(), copied.operation).document;
  expect(validateDocument(twoForms)).toMatchObject({ ok: true });
  const operation = moveTo(twoForms, 'email', copied.id, 'inside');
  const { document, inverse } = applyOperation(twoForms, operation as Operation);
  expect(document.elements['email']).toMatchObject({ key: 'email2' });
  expect(applyOperation(document, inverse).document).toEqual(twoForms);
  const field = duplicate(signup(), 'email', freshRandom);
  expect(field?.operation).toMatchObject({ branch: { elements: { [field?.id ?? '']: { key: 'email2' } } } });
});
