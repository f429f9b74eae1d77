import { Type } from '@sinclair/typebox';
import { Code } from 'lucide';
import { h } from '../../base/html/index.js';
import { define, elementFields } from './definition.js';

export const html = define({
  type: 'html',
  label: 'HTML',
  icon: Code,
  schema: elementFields('html', { source: Type.String({ maxLength: 50_000 }) }),
  role: () => 'html',
  parts: ['box'],
  texts: () => [],
  container: false,
  create: () => ({ type: 'html', source: '<p>Your own HTML.</p>' }),
  title: () => 'HTML',
  properties: [
    {
      path: ['source'],
      label: 'HTML',
      control: 'code',
      help: 'Scripts, forms and frames are removed.',
      always: true,
    },
  ],
  render: ({ source }, { box, foreign }) => h('div', box, foreign.html(source)),
  css: '&{min-width:0;overflow-wrap:anywhere}& img{max-width:100%;height:auto}',
});
