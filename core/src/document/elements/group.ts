import { Type } from '@sinclair/typebox';
import { h } from '../../base/html/index.js';
import { childList, define, elementFields } from './definition.js';

const schema = elementFields('group', {
  direction: Type.Union([Type.Literal('column'), Type.Literal('row'), Type.Literal('grid')]),
  /** From the end to the start, for the eye; screen readers keep the order of the outline. */
  reverse: Type.Optional(Type.Boolean()),
  children: childList,
});

export const group = define({
  type: 'group',
  label: 'Group',
  icon: 'group',
  schema,
  role: () => 'group',
  parts: ['box'],
  container: true,
  create: () => ({ type: 'group', direction: 'column' as const, children: [] }),
  title: ({ direction }) => ({ row: 'Row', column: 'Column', grid: 'Grid' })[direction],
  properties: [
    {
      path: ['direction'],
      label: 'Direction',
      control: 'choice',
      options: { column: 'Column', row: 'Row', grid: 'Grid' },
    },
    { path: ['reverse'], label: 'Reverse order', control: 'toggle', rare: true },
  ],
  offers: [
    { label: 'Column', icon: 'column', with: {} },
    { label: 'Row', icon: 'row', with: { direction: 'row' } },
    { label: 'Grid', icon: 'grid', with: { direction: 'grid' } },
  ],
  render: ({ direction, reverse }, { box, children }) =>
    h('div', { ...box, class: `${box.class} ${direction}${reverse ? ' back' : ''}` }, children()),
  css: '&{display:flex;flex-direction:column;min-width:0}',
  cssFor: ({ direction, reverse }) => [
    ...(direction === 'row'
      ? ['&.row{flex-flow:row wrap;align-items:center}&.row>*{flex:1 1 160px;align-self:auto}']
      : []),
    ...(direction === 'grid'
      ? ['&.grid{display:grid;grid-template-columns:repeat(auto-fit,minmax(min(100%,160px),1fr))}']
      : []),
    ...(reverse
      ? ['&.column.back{flex-direction:column-reverse}&.row.back{flex-direction:row-reverse}']
      : []),
  ],
});
