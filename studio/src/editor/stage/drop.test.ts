import { createElement } from '@sirene/core/document/elements';
import { createWidget } from '@sirene/core/document/widget';
import { dropAt } from './drop.js';

const document = createWidget('Drop');
document.elements = {
  opening: { type: 'group', direction: 'column', children: ['a', 'row', 'form', 'empty'] },
  thanks: { type: 'group', direction: 'column', children: [] },
  a: { type: 'text', level: 0, content: [{ text: 'A' }] },
  row: { type: 'group', direction: 'row', children: ['b', 'c'] },
  b: { type: 'text', level: 0, content: [{ text: 'B' }] },
  c: { type: 'text', level: 0, content: [{ text: 'C' }] },
  form: { type: 'form', children: ['email'] },
  email: { type: 'field', kind: 'email', key: 'email', label: 'E-mail', required: true },
  empty: createElement('group'),
};

/** A stage on which every element is 100 by 20 px at the origin, and the pointer is over one of them. */
const over = (target: string | null) => ({
  elementAt: () => target,
  rectOf: () => ({ left: 0, top: 0, right: 100, bottom: 20, width: 100, height: 20 }) as DOMRect,
});

test.each([
  ['the upper half of an element: before it', 'a', 'c', { x: 50, y: 4 }, { target: 'a', side: 'before' }],
  ['the lower half: after it', 'a', 'c', { x: 50, y: 16 }, { target: 'a', side: 'after' }],
  ['the left half in a row: before it', 'b', 'a', { x: 10, y: 16 }, { target: 'b', side: 'before' }],
  ['the right half in a row: after it', 'b', 'a', { x: 90, y: 4 }, { target: 'b', side: 'after' }],
  ['an empty container: inside', 'empty', 'a', { x: 50, y: 4 }, { target: 'empty', side: 'inside' }],
])('%s', (_, target, id, point, expected) => {
  expect(dropAt(over(target), document, id, point)).toMatchObject(expected);
});

test.each([
  ['beside the widget', null, 'a'],
  ['on the widget’s own box', 'widget', 'a'],
  ['on itself', 'row', 'row'],
  ['on what it holds', 'b', 'row'],
  ['a field outside its form', 'a', 'email'],
  ['a field into an empty group outside its form', 'empty', 'email'],
  ['a form into a form', 'email', 'form'],
])('nowhere: %s', (_, target, id) => {
  expect(dropAt(over(target), document, id, { x: 1, y: 1 })).toBeNull();
});

test('the line stands where the element would', () => {
  expect(dropAt(over('a'), document, 'c', { x: 50, y: 16 })?.line).toEqual({
    x: 0,
    y: 18.5,
    width: 100,
    height: 3,
  });
  expect(dropAt(over('b'), document, 'a', { x: 90, y: 4 })?.line).toEqual({
    x: 98.5,
    y: 0,
    width: 3,
    height: 20,
  });
});
