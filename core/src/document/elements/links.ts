import { Type } from '@sinclair/typebox';
import { Link } from 'lucide';
import { iconHtml } from '../../base/icons/index.js';
import { h } from '../../base/html/index.js';
import { safeAddress } from '../../base/sanitise/index.js';
import { addressText, define, elementFields, line, newTab, oneOf, strict } from './definition.js';
import { addressProblem } from './rich-text.js';

const link = Type.Object(
  {
    words: line(80),
    icon: Type.Optional(line(40)),
    address: addressText,
    /** Shows how many pieces are in the basket. */
    counts: Type.Optional(Type.Boolean()),
    newTab: Type.Optional(Type.Boolean()),
    /** Kept, and shown to nobody. */
    off: Type.Optional(Type.Boolean()),
    /** Stands without the divider before it. */
    undivided: Type.Optional(Type.Boolean()),
  },
  strict,
);

const schema = elementFields('links', {
  items: Type.Array(link, { minItems: 1, maxItems: 20 }),
  show: oneOf(['both', 'icons', 'words']),
  dividers: Type.Boolean(),
});

const shown = <T extends { off?: boolean }>(items: readonly T[]): T[] => items.filter(({ off }) => !off);

export const links = define({
  type: 'links',
  label: 'Link strip',
  icon: Link,
  schema,
  role: () => 'links',
  parts: ['box', 'link', 'icon', 'count', 'divider'],
  texts: () => ['link'],
  script: ({ items }) => (shown(items).some(({ counts }) => counts) ? 'basket' : undefined),
  container: false,
  create: () => ({
    type: 'links',
    items: [
      { words: 'Account', icon: 'user', address: '/members' },
      { words: 'Favourites', icon: 'heart', address: '/favourites' },
      { words: 'Basket', icon: 'shopping-basket', address: '/basket', counts: true },
    ],
    show: 'both' as const,
    dividers: true,
  }),
  title: ({ items }) =>
    shown(items)
      .map(({ words }) => words)
      .join(', ') || 'Link strip',
  lacks: ({ items }) =>
    items.some(({ words }) => words.trim() === '') ? [{ text: 'A link of the strip has no text' }] : [],
  properties: [
    {
      path: ['items'],
      label: 'Links',
      control: 'list',
      entries: {
        properties: [
          { path: ['words'], label: 'Text', control: 'line', always: true },
          { path: ['icon'], label: 'Icon', control: 'icon' },
          { path: ['address'], label: 'Link URL', control: 'line', always: true },
          { path: ['counts'], label: 'Basket count', control: 'toggle' },
          { path: ['newTab'], label: 'New tab', control: 'toggle' },
          { path: ['undivided'], label: 'No divider', control: 'toggle' },
          { path: ['off'], label: 'Hidden', control: 'toggle' },
        ],
        blank: () => ({ words: 'New link', icon: 'link', address: '' }),
        title: ({ words }: { words: string }) => words,
      },
    },
    {
      path: ['show'],
      label: 'Show as',
      control: 'choice',
      options: { both: 'Icon and text', icons: 'Icons', words: 'Text' },
    },
    { path: ['dividers'], label: 'Dividers', control: 'toggle' },
  ],
  render: ({ items, show, dividers }, { box, part }) =>
    h(
      'nav',
      { ...box, 'aria-label': 'Links' },
      ...shown(items).flatMap(({ words, icon, address, counts, newTab: apart, undivided }, at) => [
        dividers &&
          at > 0 &&
          !undivided &&
          h('span', { class: `rule ${part('divider')}`, 'aria-hidden': 'true' }),
        h(
          'a',
          { class: part('link'), href: address ? safeAddress(address) : null, ...(apart && newTab) },
          show !== 'words' && icon ? iconHtml(icon, part('icon')) : null,
          h('span', { class: show === 'icons' ? 'unseen' : null }, words),
          counts ? h('span', { class: part('count'), 'data-basket-count': true, hidden: true }) : null,
        ),
      ]),
    ),
  css:
    '&{display:flex;flex-wrap:wrap;align-items:center}& a{display:flex;gap:6px;align-items:center;min-height:24px;text-decoration:none}' +
    '& svg{flex:none;height:auto}& .rule{width:1px;height:1.2em}& [hidden]{display:none}',
  problems: ({ items }) => items.flatMap(({ address }, at) => addressProblem(`items.${at}.address`, address)),
});
