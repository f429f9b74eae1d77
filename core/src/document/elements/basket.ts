import { Type, type Static } from '@sinclair/typebox';
import { ShoppingBasket } from 'lucide';
import { basketHtml, type BasketWords } from '../basket/index.js';
import { h } from '../../base/html/index.js';
import { safeAddress } from '../../base/sanitise/index.js';
import { addressText, currencyCode, define, elementFields, languageTag, line } from './definition.js';
import { addressProblem } from './rich-text.js';

const schema = elementFields('basket', {
  pictures: Type.Boolean(),
  quantities: Type.Boolean(),
  removable: Type.Boolean(),
  locale: languageTag,
  currency: currencyCode,
  total: line(80),
  button: line(80),
  address: addressText,
});

type Basket = Static<typeof schema>;

const parts = ['box', 'line', 'picture', 'name', 'price', 'quantity', 'remove', 'total', 'button'] as const;

/** Whether a basket has a part; most it has always. */
function isShown({ pictures, quantities, removable, button }: Basket, part: (typeof parts)[number]): boolean {
  switch (part) {
    case 'picture':
      return pictures;
    case 'quantity':
      return quantities;
    case 'remove':
      return removable;
    case 'button':
      return button !== '';
    default:
      return true;
  }
}

export const basket = define({
  type: 'basket',
  label: 'Basket',
  icon: ShoppingBasket,
  schema,
  role: () => 'basket',
  parts,
  used: (element) => parts.filter((part) => isShown(element, part)),
  texts: () => ['name', 'price', 'total', 'button'],
  container: false,
  script: () => 'basket' as const,
  create: () => ({
    type: 'basket',
    pictures: true,
    quantities: true,
    removable: true,
    locale: 'en',
    currency: 'EUR',
    total: 'Subtotal',
    button: 'Check out',
    address: '/checkout',
  }),
  title: () => 'Basket',
  properties: [
    { path: ['pictures'], label: 'Show images', control: 'toggle' },
    { path: ['quantities'], label: 'Show quantity', control: 'toggle' },
    { path: ['removable'], label: 'Show remove button', control: 'toggle' },
    { path: ['total'], label: 'Subtotal label', control: 'line', always: true },
    { path: ['button'], label: 'Button text', control: 'line', always: true },
    { path: ['address'], label: 'Button link', control: 'line', always: true },
    { path: ['currency'], label: 'Currency', control: 'currency', rare: true, always: true },
    { path: ['locale'], label: 'Language', control: 'line', rare: true, always: true },
  ],
  render(element, { box, part, messages }) {
    const { removeItem, oneLess, oneMore, pieces } = messages;
    const words: BasketWords = {
      ...element,
      says: { removeItem, oneLess, oneMore, pieces },
      address: element.address ? (safeAddress(element.address) ?? '') : '',
      classes: Object.fromEntries(parts.slice(1).map((name) => [name, part(name)])),
    };
    return h('div', { ...box, 'data-basket': JSON.stringify(words) }, basketHtml(words, []));
  },
  css:
    '&{display:flex;flex-direction:column}& ul{list-style:none;margin:0;padding:0;display:flex;flex-direction:column;gap:inherit}' +
    '& li{display:grid;grid-template-columns:auto 1fr auto;gap:4px 12px;align-items:start}' +
    '& li>:first-child{grid-row:span 2}& img,& .blank{aspect-ratio:1;object-fit:cover}& .blank{background:#8883}& .counts{display:flex;align-items:center;gap:2px}' +
    '& .counts button{font:inherit;color:inherit;background:none;cursor:pointer;min-width:28px;min-height:28px;border-radius:6px;border-style:solid}' +
    '& .sum{display:flex;justify-content:space-between;margin:0}& .words{grid-column:2}&>a{display:flex;justify-content:center;' +
    'align-items:center;min-height:44px;text-decoration:none}& .end{text-align:end;grid-column:3;grid-row:1}',
  problems: ({ address }) => addressProblem('address', address),
});
