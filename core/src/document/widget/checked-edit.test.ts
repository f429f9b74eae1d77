import fc from 'fast-check';
import { createElement, elementDefinitions, type ElementType } from '../elements/index.js';
import { createPlacement, placementDefinitions, type PlacementType } from '../placement/index.js';
import { conditions, partsOf, roles as allRoles, styleProperties } from '../../style/index.js';
import {
  applyChecked,
  applyOperation,
  createWidget,
  isRequiredAt,
  validateDocument,
  type Operation,
  type WidgetDocument,
} from './index.js';

/** What people type, paste and press; what controls send; and what neither should. */
const absurd = fc.oneof(
  fc.constantFrom<unknown>(
    undefined,
    null,
    '',
    '   ',
    '0',
    '-3',
    '50%',
    '20rem',
    'banana',
    '#12',
    'transparent',
    'javascript:alert(1)',
    'Mars/Base',
    '2027-13-45T99:00',
    'x'.repeat(400),
    'x'.repeat(60_000),
    '{color.accent}',
    '<b>bold</b>',
    'constructor',
    0,
    -1,
    1.5,
    1e9,
    Number.NaN,
    Infinity,
    true,
    false,
    [],
    {},
    [1, 2, 3, 4],
    { type: 'submit' },
  ),
  fc.string({ maxLength: 200 }),
  fc.double(),
  fc.jsonValue({ maxDepth: 2 }),
);

/** A widget with one element of every kind that can stand anywhere in it, and forms for those that need one. */
function full(type: PlacementType): { document: WidgetDocument; ids: Record<string, string> } {
  let document: WidgetDocument = { ...createWidget('Any'), placement: createPlacement(type) };
  const ids: Record<string, string> = {};
  const root = document.scenes.opening.root;
  const put = (kind: ElementType, parent: string) => {
    const id = `e${Object.keys(ids).length}`;
    const branch = { root: id, elements: { [id]: createElement(kind) } };
    const result = applyChecked(document, { type: 'insert', branch, parent, at: 99 });
    if (!result.ok) return false;
    document = result.edit.document;
    ids[kind] = id;
    return true;
  };
  put('group', root);
  put('form', root);
  const homes = () => [root, ...Object.values(ids)];
  // Some stand only in others that come later in the list.
  for (let round = 0; round < 3; round++)
    for (const kind of Object.keys(elementDefinitions) as ElementType[])
      if (!(kind in ids))
        homes().some((home) => {
          try {
            return put(kind, home);
          } catch {
            return false;
          }
        });
  return { document, ids };
}

const sound = (document: WidgetDocument) => {
  const result = validateDocument(JSON.parse(JSON.stringify(document)));
  return result.ok ? [] : result.problems;
};

/** Applies what may be applied; the document is sound after every step, and every step can be taken back. */
function drive(start: WidgetDocument, operations: readonly Operation[]): number {
  let document = start;
  let made = 0;
  for (const operation of operations) {
    const result = applyChecked(document, operation);
    if (!result.ok) {
      expect(result.problems[0]?.reason).toBeTruthy();
      continue;
    }
    made++;
    expect([operation, sound(result.edit.document)]).toEqual([operation, []]);
    expect(applyOperation(result.edit.document, result.edit.inverse).document).toEqual(document);
    document = result.edit.document;
  }
  return made;
}

test('every kind of element is driven', () => {
  const { ids, document } = full('centre');
  expect(Object.keys(ids).sort()).toEqual(Object.keys(elementDefinitions).sort());
  expect(sound(document)).toEqual([]);
});

test.each(Object.keys(elementDefinitions) as ElementType[])(
  'whatever is set of a %s, the document stays one that can be saved',
  (type) => {
    const { document, ids } = full('centre');
    const id = ids[type] as string;
    const { properties, parts } = elementDefinitions[type];
    const paths = [
      ...properties.map(({ path }) => ['elements', id, ...path]),
      ...['title', 'class', 'look', 'hidden', 'after', 'motion', 'children', 'type', 'key'].map((key) => [
        'elements',
        id,
        key,
      ]),
      ...parts.map((part) => ['elements', id, 'style', part, 'base', 'padding']),
    ];
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.constantFrom(...paths), absurd), { maxLength: 12 }), (sets) => {
        drive(
          document,
          sets.map(([path, value]): Operation => ({ type: 'set', path, value })),
        );
      }),
      { numRuns: 40 },
    );
  },
);

test.each(Object.keys(placementDefinitions) as PlacementType[])(
  'whatever is set of the placement %s, and of the widget itself, it stays one that can be saved',
  (type) => {
    const { document } = full(type);
    const paths = [
      ...placementDefinitions[type].properties.map(({ path }) => ['placement', ...path]),
      ...Object.keys(document).map((key) => [key]),
      ['name'],
      ['css'],
      ['look'],
      ['motion'],
      ['behaviour', 'priority'],
      ['behaviour', 'triggers'],
      ['behaviour', 'frequency', 'days'],
      ['afterwards', 'visitor'],
      ['afterwards', 'actions'],
      ['style', 'overlay'],
      ['style'],
    ];
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.constantFrom(...paths), absurd), { maxLength: 10 }), (sets) => {
        drive(
          document,
          sets.map(([path, value]): Operation => ({ type: 'set', path, value })),
        );
      }),
      { numRuns: 40 },
    );
  },
);

test('whatever is set of any style property, in any state and on any screen, it stays one that can be saved', () => {
  const { document } = full('centre');
  const roles = allRoles.flatMap((role) => partsOf(role).map((part) => ['style', role, part]));
  const names = Object.keys(styleProperties);
  fc.assert(
    fc.property(
      fc.array(
        fc.tuple(
          fc.constantFrom(...roles),
          fc.constantFrom(...conditions),
          fc.constantFrom(...names),
          absurd,
        ),
        { maxLength: 10 },
      ),
      (sets) => {
        drive(
          document,
          sets.map(([at, condition, name, value]): Operation => ({
            type: 'set',
            path: [...at, condition, name],
            value,
          })),
        );
      },
    ),
    { numRuns: 200 },
  );
});

test('every sound value of every style property is taken, and its reset leaves no trace', () => {
  const document = createWidget('Any');
  for (const [name, { kind, options = {}, min = 0 }] of Object.entries(styleProperties)) {
    const value = {
      colour: '#123456',
      length: min,
      number: min,
      size: '50%',
      sides: min,
      keyword: Object.keys(options)[0],
      font: 'Lora, serif',
      shadow: 'none',
      gradient: 'none',
      image: 'none',
      position: '50% 50%',
    }[kind];
    const path = ['style', 'overlay', 'box', 'base', name];
    const set = applyChecked(document, { type: 'set', path, value });
    expect([name, set.ok]).toEqual([name, true]);
    if (!set.ok) continue;
    const reset = applyChecked(set.edit.document, { type: 'set', path, value: undefined });
    expect(reset).toMatchObject({ ok: true, edit: { document } });
  }
});

test('what has to stand is known from the schema', () => {
  const { document, ids } = full('corner');
  const at = (type: string, ...keys: string[]) =>
    isRequiredAt(document, ['elements', ids[type] ?? '', ...keys]);
  expect([at('button', 'label'), at('button', 'wide'), at('button', 'note')]).toEqual([true, true, false]);
  expect(isRequiredAt(document, ['placement', 'at'])).toBe(true);
  expect(isRequiredAt(document, ['placement', 'closing', 'button'])).toBe(true);
  expect(isRequiredAt(document, ['elements', 'nobody', 'label'])).toBe(false);
  expect(isRequiredAt(document, ['name'])).toBe(false);
});
