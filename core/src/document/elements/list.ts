import { Type } from '@sinclair/typebox';
import { List } from 'lucide';
import { iconHtml } from '../../base/icons/index.js';
import { h } from '../../base/html/index.js';
import { define, elementFields, line, oneOf, strict } from './definition.js';

const item = Type.Object({ words: line(300), icon: Type.Optional(line(40)) }, strict);

const schema = elementFields('list', {
  items: Type.Array(item, { maxItems: 60 }),
  marks: oneOf(['icons', 'numbers', 'none']),
  icon: line(40),
});

export const list = define({
  type: 'list',
  label: 'List',
  icon: List,
  schema,
  role: () => 'list',
  parts: ['box', 'item', 'even', 'mark'],
  texts: () => ['item'],
  container: false,
  create: () => ({
    type: 'list',
    items: [{ words: 'First item' }, { words: 'Second item' }, { words: 'Third item' }],
    marks: 'icons' as const,
    icon: 'check',
  }),
  title: ({ items }) => items[0]?.words || 'List',
  properties: [
    {
      path: ['items'],
      label: 'Items',
      control: 'list',
      entries: {
        properties: [
          { path: ['words'], label: 'Text', control: 'line', always: true },
          { path: ['icon'], label: 'Custom icon', control: 'icon' },
        ],
        blank: () => ({ words: 'New item' }),
        title: ({ words }: { words: string }) => words,
      },
    },
    {
      path: ['marks'],
      label: 'List marker',
      control: 'choice',
      options: { icons: 'Icons', numbers: 'Numbers', none: 'None' },
    },
    { path: ['icon'], label: 'Icon', control: 'icon', always: true },
  ],
  render: ({ items, marks, icon }, { box, part }) =>
    h(
      marks === 'numbers' ? 'ol' : 'ul',
      { ...box, role: 'list' },
      ...items.map((one, at) =>
        h(
          'li',
          { class: `${part('item')}${at % 2 ? ` ${part('even')}` : ''}` },
          marks === 'icons' && iconHtml(one.icon ?? icon, part('mark')),
          marks === 'numbers' &&
            h('span', { class: `${part('mark')} number`, 'aria-hidden': 'true' }, `${at + 1}.`),
          h('span', { 'data-text': `items.${at}.words` }, one.words),
        ),
      ),
    ),
  css:
    '&{list-style:none;margin:0;padding:0;display:flex;flex-direction:column}& li{display:flex;gap:10px;align-items:flex-start}' +
    '& svg{flex:none;height:1.5em}& .number{flex:none;font-variant-numeric:tabular-nums}',
});
