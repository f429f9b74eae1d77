import { isSafeColour, safeAddress } from './index.js';

test.each<[string, string | null]>([
  ['/shop', '/shop'],
  ['#top', '#top'],
  ['?a=b', '?a=b'],
  ['shop/lamp', 'shop/lamp'],
  ['https://x.example/a b', null],
  ['https://x.example/', 'https://x.example/'],
  ['HTTPS://x.example', 'HTTPS://x.example'],
  ['mailto:a@b.example', 'mailto:a@b.example'],
  ['tel:+4912345', 'tel:+4912345'],
  ['//x.example/a', '//x.example/a'],
  ['javascript:alert(1)', null],
  ['JaVaScRiPt:alert(1)', null],
  [' javascript:alert(1)', null],
  ['java\nscript:alert(1)', null],
  ['java\tscript:alert(1)', null],
  ['\u0001javascript:alert(1)', null],
  ['java\u200bscript:alert(1)', null],
  ['data:text/html,<script>', null],
  ['vbscript:x', null],
  ['file:///etc/passwd', null],
  ['blob:https://x', null],
  ['/a b\ud800', null],
  ['/\\evil.example', null],
  ['\\\\evil.example', null],
  ['', null],
  ['   ', null],
  [`/${'a'.repeat(3000)}`, null],
])('%j as a link: %p', (address, expected) => {
  expect(safeAddress(address)).toBe(expected);
});

test.each(['mailto:a@b.example', 'tel:1'])('%s is no page', (address) => {
  expect(safeAddress(address, 'page')).toBeNull();
});

test.each<[string, boolean]>([
  ['#abc', true],
  ['#aabbccdd', true],
  ['red', true],
  ['transparent', true],
  ['rgb(1, 2, 3)', true],
  ['oklch(0.5 0.1 200 / 50%)', true],
  ['color(srgb 1 0 0)', true],
  ['#ab', false],
  ['notacolour', false],
  ['url(x)', false],
  ['red;color:blue', false],
  ['expression(alert(1))', false],
  ['rgb(1,2,3)}', false],
  ['var(--x)', false],
])('%s is a colour: %p', (text, expected) => {
  expect(isSafeColour(text)).toBe(expected);
});
