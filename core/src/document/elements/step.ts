import { Type } from '@sinclair/typebox';
import { ListOrdered } from 'lucide';
import { h } from '../../base/html/index.js';
import { childList, define, elementFields } from './definition.js';

const schema = elementFields('step', {
  /** What the progress calls it. */
  label: Type.String({ maxLength: 80 }),
  children: childList,
});

/** One of several faces of a form, shown one after the other. */
export const step = define({
  type: 'step',
  label: 'Step',
  icon: ListOrdered,
  schema,
  role: () => 'group',
  parts: ['box'],
  container: true,
  inside: { always: ['form'], never: ['step'] },
  create: () => ({ type: 'step', label: 'Step', children: [] }),
  title: ({ label }) => label || 'Step',
  lacks: ({ label }) => (label.trim() === '' ? [{ text: 'A step has no name for its progress' }] : []),
  properties: [{ path: ['label'], label: 'Name', control: 'line', always: true }],
  offers: [
    {
      label: 'Step',
      with: { label: 'New step' },
      holds: [
        { type: 'field', kind: 'text', key: 'text', label: 'Your answer', required: false },
        { type: 'button', label: 'Next', action: { type: 'next' }, wide: false },
      ],
    },
  ],
  render: ({ label }, { box, children }) =>
    h('div', { ...box, role: 'group', 'aria-label': label }, children()),
  css: '&{display:flex;flex-direction:column;min-width:0}',
});
