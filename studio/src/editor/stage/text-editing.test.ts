/** @jest-environment jsdom */
import { readRuns } from './text-editing.js';

const read = (html: string) => {
  const node = document.createElement('p');
  node.innerHTML = html;
  return readRuns(node);
};

test.each([
  ['Plain', [{ text: 'Plain' }]],
  ['A <b>bold</b> word', [{ text: 'A ' }, { text: 'bold', bold: true }, { text: ' word' }]],
  ['<em><strong>both</strong></em>', [{ text: 'both', italic: true, bold: true }]],
  ['See <a href="/shop">shop</a>', [{ text: 'See ' }, { text: 'shop', link: '/shop' }]],
  ['one<br>two', [{ text: 'one\ntwo' }]],
  ['one<div>two</div>', [{ text: 'one\ntwo' }]],
  ['end<br>', [{ text: 'end' }]],
  ['a&nbsp;b', [{ text: 'a b' }]],
  ['<span style="color:red">x</span>y', [{ text: 'x', colour: 'red' }, { text: 'y' }]],
  ['<script>bad()</script>', [{ text: 'bad()' }]],
  ['', []],
])('%s', (html, runs) => {
  expect(read(html)).toEqual(runs);
});
