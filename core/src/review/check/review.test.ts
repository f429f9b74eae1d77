import { buildWidget, heading, link, row, words } from '../../library/sketch/index.js';
import { plainBrand } from '../../style/index.js';
import { reviewOf } from './index.js';

const copy = buildWidget({
  name: 'Winter (copy)',
  kind: 'popup',
  placement: { type: 'centre' },
  opening: [
    heading('Winter', 2, { color: '{color.lamp}' }),
    { ...words(''), content: [{ text: 'More', link: '/winter' }], look: 'loud' },
    row([link('Look', '/shop'), link('Nowhere')]),
    { type: 'links', items: [{ words: 'Account', address: '/me' }] },
  ],
  behaviour: {
    targeting: { all: [{ type: 'address', include: ['/journal/*'], exclude: ['/journal/old'] }] },
  },
  afterwards: {
    visitor: { type: 'page', address: '' },
    actions: [{ type: 'notify', recipients: ['desk@larkmoor.example'], subject: 'x' }],
  },
});

test('a copy is gone through from name to brand', () => {
  expect(
    reviewOf(copy, plainBrand).map(({ title, says, broken }) => [title, says.join('; '), broken]),
  ).toEqual([
    ['Name', 'Winter (copy)', undefined],
    ['Notification', 'desk@larkmoor.example', undefined],
    ['Page after a submission', 'none yet', undefined],
    ['Pages', '/journal/*; not /journal/old', undefined],
    ['Links', 'More: /winter; Look: /shop; Account: /me', undefined],
    ['Tokens this brand does not have', 'color.lamp', true],
    ['Looks this brand does not have', 'loud', true],
  ]);
});

test('a copy with nothing of its own has its name alone', () => {
  const plain = buildWidget({
    name: 'Plain',
    kind: 'popup',
    placement: { type: 'centre' },
    opening: [heading('Hello')],
  });
  expect(reviewOf(plain, plainBrand).map(({ title }) => title)).toEqual(['Name']);
});
