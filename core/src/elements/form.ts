import { Type } from '@sinclair/typebox';
import { h } from '../render/html.js';
import { childList, define, elementFields } from './definition.js';

const schema = elementFields('form', {
  children: childList,
  /** What the visitor reads when sending does not work. */
  failed: Type.Optional(Type.String({ maxLength: 300 })),
});

export const form = define({
  type: 'form',
  label: 'Form',
  icon: 'clipboard-pen-line',
  schema,
  role: () => 'form',
  parts: ['box'],
  container: true,
  inside: { never: ['form'] },
  create: () => ({ type: 'form', children: [] }),
  title: () => 'Form',
  properties: [
    {
      path: ['failed'],
      label: 'Failure message',
      control: 'lines',
      help: 'Empty: a message in the widget’s language.',
      rare: true,
    },
  ],
  render: ({ failed }, { box, children, messages }) =>
    h(
      'form',
      {
        ...box,
        novalidate: true,
        'data-failed': failed || messages.failed,
        'data-sending': messages.sending,
      },
      children(),
      h('p', { class: 'status', role: 'status' }),
    ),
  css: '&{display:flex;flex-direction:column;margin:0}&>.status{margin:0;font-size:.9em}&>.status:empty{display:none}',
});
