import { MoveVertical } from 'lucide';
import { h } from '../../base/html/index.js';
import { define, elementFields } from './definition.js';

export const spacer = define({
  type: 'spacer',
  label: 'Spacer',
  icon: MoveVertical,
  schema: elementFields('spacer', {}),
  role: () => 'spacer',
  parts: ['box'],
  texts: () => [],
  container: false,
  create: () => ({ type: 'spacer' }),
  title: () => 'Spacer',
  sized: 'height',
  properties: [],
  render: (_, { box }) => h('div', { ...box, 'aria-hidden': 'true' }),
  css: '&{flex:none}',
});
