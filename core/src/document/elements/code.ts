import { TicketPercent } from 'lucide';
import { h } from '../../base/html/index.js';
import { define, elementFields, line } from './definition.js';

/** A code to take along, such as that of an offer, with a button that copies it and says so. */
export const code = define({
  type: 'code',
  label: 'Code to copy',
  icon: TicketPercent,
  schema: elementFields('code', { code: line(80), button: line(40), copied: line(40) }),
  role: () => 'code',
  parts: ['box', 'code', 'button'],
  texts: () => ['code', 'button'],
  container: false,
  script: () => 'copy' as const,
  create: () => ({ type: 'code', code: 'WELCOME10', button: 'Copy', copied: 'Copied' }),
  title: ({ code: words }) => words || 'Code',
  lacks: ({ code: words, button }) => [
    ...(words.trim() === '' ? [{ text: 'A code to copy is empty' }] : []),
    ...(button.trim() === '' ? [{ text: 'A code’s copy button has no text' }] : []),
  ],
  properties: [
    { path: ['code'], label: 'Code', control: 'line', always: true },
    { path: ['button'], label: 'Button text', control: 'line', always: true },
    { path: ['copied'], label: 'Text when copied', control: 'line', always: true },
  ],
  render: ({ code: words, button, copied }, { box, part }) =>
    h(
      'div',
      box,
      h('code', { class: part('code'), 'data-text': 'code' }, words),
      h(
        'button',
        {
          type: 'button',
          class: part('button'),
          'data-copy': words,
          'data-copied': copied,
          'data-text': 'button',
        },
        button,
      ),
      h('span', { class: 'unseen', role: 'status' }),
    ),
  css: '&{display:flex;flex-wrap:wrap;align-items:center}& code{font-family:ui-monospace,monospace;user-select:all;overflow-wrap:anywhere}& button{font:inherit;border:0;cursor:pointer;min-height:40px}',
});
