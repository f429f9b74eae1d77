import { Type } from '@sinclair/typebox';
import { h } from '../render/html.js';
import { childList, define, elementFields } from './definition.js';

const schema = elementFields('group', {
  direction: Type.Union([Type.Literal('column'), Type.Literal('row')]),
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
  title: ({ direction }) => (direction === 'row' ? 'Row' : 'Column'),
  properties: [
    {
      path: ['direction'],
      label: 'Direction',
      control: 'choice',
      options: { column: 'One below the other', row: 'Side by side' },
    },
  ],
  render: ({ direction }, { box, children }) =>
    h('div', { ...box, class: `${box.class} ${direction}` }, children()),
  css: '&{display:flex;flex-direction:column}&.row{flex-flow:row wrap;align-items:center}&.row>*{flex:1 1 0}',
});
