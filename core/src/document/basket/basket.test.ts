import { money } from '../../base/money/index.js';
import { basketHtml, mostLines, pieces, readBasket, sampleLines, type BasketWords } from './index.js';

const lamp = { id: 'lamp', name: 'Red lamp', price: 34, quantity: 2 };
const words: BasketWords = {
  pictures: true,
  quantities: true,
  removable: true,
  locale: 'en',
  currency: 'EUR',
  total: 'Subtotal',
  button: 'Check out',
  says: {
    removeItem: 'Remove {name}',
    oneLess: 'One less of {name}',
    oneMore: 'One more of {name}',
    pieces: '{count}',
  },
  address: '/till',
  classes: { line: 'l', picture: 'p', name: 'n', price: 'pr', total: 't', button: 'b' },
};

test('a basket is read, with what may be left out', () => {
  expect(readBasket([lamp, { id: 7, name: 'Chart', price: 18 }])).toEqual([
    lamp,
    { id: '7', name: 'Chart', price: 18, quantity: 1 },
  ]);
  expect(readBasket([])).toEqual([]);
});

test.each([
  [undefined],
  [null],
  ['no basket'],
  [{ lines: [] }],
  [[null]],
  [[{ ...lamp, price: '34' }]],
  [[{ ...lamp, price: NaN }]],
  [[{ ...lamp, quantity: 1.5 }]],
  [[{ ...lamp, quantity: -1 }]],
  [[{ ...lamp, name: undefined }]],
  [[{ ...lamp, id: {} }]],
  [Array.from({ length: mostLines + 1 }, () => lamp)],
])('%j is none', (given) => {
  expect(readBasket(given)).toBeNull();
});

test('names are bounded, and other keys are left behind', () => {
  const [line] = readBasket([{ ...lamp, name: 'x'.repeat(500), secret: 1 }]) ?? [];
  expect(line?.name).toHaveLength(300);
  expect(line).not.toHaveProperty('secret');
});

test('pieces and sum are counted', () => {
  expect(pieces([lamp, { ...lamp, quantity: 3 }])).toBe(5);
  const html = basketHtml(words, [lamp, { ...lamp, id: 'b', price: 0.1, quantity: 3 }]).text;
  expect(html).toContain('<span>€68.30</span>');
});

test('what a shop says is text, whatever it holds', () => {
  const html = basketHtml(words, [
    { ...lamp, name: '<img src=x onerror=alert(1)>', picture: 'javascript:alert(1)' },
  ]).text;
  expect(html).not.toContain('<img');
  expect(html).toContain('&lt;img');
});

test.each([
  ['/pictures/lamp.svg', true],
  ['https://a.example/lamp.png', true],
  ['//bad.example/lamp.png', false],
  ['http://a.example/lamp.png', false],
  ['/a" onerror="x', false],
])('the picture %s is shown: %s', (picture, shown) => {
  expect(basketHtml(words, [{ ...lamp, picture }]).text.includes('<img')).toBe(shown);
});

test('quantities and removal say which line they are of', () => {
  const html = basketHtml(words, [lamp]).text;
  expect(html).toContain('data-to="1" aria-label="One less of Red lamp"');
  expect(html).toContain('data-to="3" aria-label="One more of Red lamp"');
  expect(html).toContain('data-to="0" aria-label="Remove Red lamp"');
  const still = basketHtml({ ...words, quantities: false, removable: false }, [lamp]).text;
  expect(still).not.toContain('<button');
  expect(still).toContain('2 ×');
});

test('samples are as many as asked for, each a line of its own', () => {
  const lines = sampleLines(7);
  expect(new Set(lines.map(({ id }) => id)).size).toBe(7);
  expect(readBasket(lines)).toEqual(lines);
});

test.each([
  [12, { locale: 'en', currency: 'EUR' }, '€12'],
  [12.5, { locale: 'en', currency: 'EUR' }, '€12.50'],
  [12, { locale: 'de', currency: 'EUR' }, '12 €'],
  [12, { locale: 'de', currency: 'EUR', symbol: 'before' as const }, '€12'],
  [1200, { locale: 'en', currency: 'JPY' }, '¥1,200'],
  [9.99, { locale: 'en', currency: 'GBP' }, '£9.99'],
])('%d as %j', (amount, format, text) => {
  expect(money(amount, format).replace(/\u00a0/g, ' ')).toBe(text);
});

test('a currency that no browser knows shows an amount all the same', () => {
  expect(money(12, { locale: 'nonsense-locale-x', currency: 'ZZ' as string })).toContain('12');
});
