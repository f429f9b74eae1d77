import { buildWidget, heading, icon } from '@sirene/core/library/sketch';
import type { WidgetDocument } from '@sirene/core/document/widget';
import { resized, resizingOf, type Resizing } from './resizing.js';

const widget = (placement: Parameters<typeof buildWidget>[0]['placement']): WidgetDocument =>
  buildWidget({
    name: 'Any',
    kind: 'popup',
    placement,
    opening: [
      { ...icon('star'), id: 'star' },
      { ...heading('Words'), id: 'words' },
    ],
  });

test.each([
  [{ type: 'centre' }, { edge: 'right', times: 2 }],
  [
    { type: 'corner', at: 'bottom-right' },
    { edge: 'left', times: 1 },
  ],
  [
    { type: 'corner', at: 'top-left' },
    { edge: 'right', times: 1 },
  ],
  [
    { type: 'corner', at: 'top' },
    { edge: 'right', times: 2 },
  ],
  [
    { type: 'side', at: 'left' },
    { edge: 'right', times: 1 },
  ],
  [
    { type: 'side', at: 'right' },
    { edge: 'left', times: 1 },
  ],
  [{ type: 'inline' }, { edge: 'right', range: [200, 2000] }],
] as const)('a widget placed as %j', (placement, expected) => {
  expect(resizingOf(widget(placement), null, 'base')).toMatchObject(expected);
});

test.each(['bar', 'cover', 'page'] as const)('a %s is as wide as the window', (type) => {
  expect(resizingOf(widget({ type }), null, 'base')).toBeNull();
});

test('an icon has a width, words have none, and the screen is kept apart', () => {
  const document = widget({ type: 'centre' });
  expect(resizingOf(document, 'star', 'small')?.path).toEqual([
    'elements',
    'star',
    'style',
    'box',
    'small',
    'width',
  ]);
  expect(resizingOf(document, 'words', 'base')).toBeNull();
  expect(resizingOf(document, 'gone', 'base')).toBeNull();
});

test('a drag goes in steps, within the range, and to both sides', () => {
  const handle = (more: Partial<Resizing>) =>
    ({ edge: 'right', times: 1, range: [40, 400], path: [], property: 'width', ...more }) as Resizing;
  expect(resized(100, 9, handle({}), false)).toBe(108);
  expect(resized(100, 9, handle({}), true)).toBe(109);
  expect(resized(100, 9, handle({ times: 2 }), false)).toBe(120);
  expect(resized(100, 9, handle({ edge: 'left' }), false)).toBe(92);
  expect(resized(100, 900, handle({}), false)).toBe(400);
  expect(resized(100, -900, handle({}), false)).toBe(40);
});
