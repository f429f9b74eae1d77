import { Type } from '@sinclair/typebox';
import { Columns3, Grid2x2, Rows3 } from 'lucide';
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
  icon: Rows3,
  iconFor: ({ direction }) => (direction === 'row' ? Columns3 : direction === 'grid' ? Grid2x2 : undefined),
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
    { label: 'Column', with: {} },
    { label: 'Row', with: { direction: 'row' } },
    { label: 'Grid', with: { direction: 'grid' } },
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
