import { Type } from '@sinclair/typebox';
import { Minus } from 'lucide';
import { h } from '../../base/html/index.js';
import { define, elementFields, line } from './definition.js';

export const divider = define({
  type: 'divider',
  label: 'Divider',
  icon: Minus,
  schema: elementFields('divider', { words: Type.Optional(line(80)) }),
  role: () => 'divider',
  parts: ['box'],
  texts: ({ words }) => (words ? ['box'] : []),
  container: false,
  create: () => ({ type: 'divider' }),
  title: ({ words }) => words || 'Divider',
  sized: 'width',
  properties: [{ path: ['words'], label: 'Text', control: 'line' }],
  render: ({ words }, { box }) =>
    words
      ? h(
          'div',
          { ...box, class: `${box.class} worded`, role: 'separator', 'aria-label': words },
          h('span', {}, words),
        )
      : h('hr', box),
  css:
    '&{margin:0;width:100%}&.worded{display:flex;align-items:center;gap:12px;border-width:0!important}' +
    '&.worded::before,&.worded::after{content:"";flex:1;border-top:1px solid;border-color:inherit}',
});
