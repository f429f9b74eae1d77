/** @jest-environment jsdom */
import { nodeAt, placeIn, textLength } from './text-places.js';

function made(html: string) {
  const root = document.createElement('p');
  root.innerHTML = html;
  return root;
}

test.each([
  ['Clear skies', 11],
  ['Clear <strong>skies</strong>', 11],
  ['one<br>two', 7],
  ['', 0],
])('%s holds %d', (html, length) => {
  expect(textLength(made(html))).toBe(length);
});

test.each(['Clear <strong>skies <em>to</em>night</strong>!', 'one<br>two<br><a href="/x">three</a>'])(
  'every place of %s is found again',
  (html) => {
    const root = made(html);
    for (let place = 0; place <= textLength(root); place++) {
      const [node, offset] = nodeAt(root, place);
      expect(placeIn(root, node, offset)).toBe(place);
    }
  },
);

test('a place beyond the end is the end', () => {
  const root = made('one');
  expect(nodeAt(root, 9)).toEqual([root, 1]);
});

test('a place between nodes counts what stands before', () => {
  const root = made('one<br>two');
  expect(placeIn(root, root, 2)).toBe(4);
});
