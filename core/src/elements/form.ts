import { Type } from '@sinclair/typebox';
import { h } from '../render/html.js';
import { childList, define, elementFields } from './definition.js';

const schema = elementFields('form', {
  children: childList,
  /** What the visitor reads when sending does not work. */
  failed: Type.Optional(Type.String({ maxLength: 300 })),
});

const failedText = 'That didn’t go through. We’ll keep trying; you can also send it again.';

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
      help: `Left empty, visitors read: ${failedText}`,
      rare: true,
    },
  ],
  render: ({ failed }, { box, children }) =>
    h(
      'form',
      { ...box, novalidate: true, 'data-failed': failed || failedText },
      children(),
      h('p', { class: 'status', role: 'status' }),
    ),
  css: '&{display:flex;flex-direction:column;margin:0}&>.status{margin:0;font-size:.9em}&>.status:empty{display:none}',
});
