import { Award } from 'lucide';
import { h } from '../../base/html/index.js';
import { define, elementFields, line } from './definition.js';

export const badge = define({
  type: 'badge',
  label: 'Badge',
  icon: Award,
  schema: elementFields('badge', { words: line(60) }),
  role: () => 'badge',
  parts: ['box'],
  container: false,
  create: () => ({ type: 'badge', words: 'New' }),
  title: ({ words }) => words || 'Badge',
  properties: [{ path: ['words'], label: 'Text', control: 'line', always: true }],
  render: ({ words }, { box }) => h('span', box, h('span', { 'data-text': 'words' }, words)),
  css: '&{display:inline-block;align-self:flex-start;flex:none!important;line-height:1.4}',
});
