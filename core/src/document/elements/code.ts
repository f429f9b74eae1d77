import { Type } from '@sinclair/typebox';
import { TicketPercent } from 'lucide';
import { h } from '../../base/html/index.js';
import { define, elementFields, line } from './definition.js';

/** What stands for a code that is not given yet. */
const unknownCode = '••••••••';

/** A code to take along, such as that of an offer, with a button that copies it and says so. */
export const code = define({
  type: 'code',
  label: 'Code to copy',
  icon: TicketPercent,
  schema: elementFields('code', {
    code: line(80),
    button: line(40),
    copied: line(40),
    /** The site's pool of which each visitor gets a code of their own, in the place of one for all. */
    pool: Type.Optional(line(40)),
    /** It is given for as long as the widget's own countdown lasts, and no longer. */
    expires: Type.Optional(Type.Boolean()),
    /** What is said where there is none any more. */
    gone: Type.Optional(line(120)),
  }),
  role: () => 'code',
  parts: ['box', 'code', 'button'],
  texts: () => ['code', 'button'],
  container: false,
  script: () => 'copy' as const,
  create: () => ({ type: 'code', code: 'WELCOME10', button: 'Copy', copied: 'Copied' }),
  title: ({ code: words, pool }) => (pool ? `Code of ${pool}` : words || 'Code'),
  lacks: ({ code: words, button, pool }) => [
    ...(words.trim() === '' && !pool ? [{ text: 'A code to copy is empty' }] : []),
    ...(button.trim() === '' ? [{ text: 'A code’s copy button has no text' }] : []),
  ],
  properties: [
    {
      path: ['pool'],
      label: 'Code pool',
      control: 'pool',
      help: 'Each visitor gets one of its own when they press the button. Pools are kept under Site.',
    },
    { path: ['code'], label: 'Code', control: 'line', always: true, only: ({ pool }) => !pool },
    {
      path: ['expires'],
      label: 'Until the countdown ends',
      control: 'toggle',
      only: ({ pool }) => pool !== undefined,
      help: 'Of the countdown per visitor in this widget. The server refuses whoever comes later.',
    },
    {
      path: ['gone'],
      label: 'Text when none is left',
      control: 'line',
      only: ({ pool }) => pool !== undefined,
    },
    { path: ['button'], label: 'Button text', control: 'line', always: true },
    { path: ['copied'], label: 'Text when copied', control: 'line', always: true },
  ],
  render: ({ code: words, button, copied, pool, expires, gone }, { box, part, messages }) =>
    h(
      'div',
      box,
      h(
        'code',
        { class: part('code'), ...(pool ? {} : { 'data-text': 'code' }) },
        pool ? unknownCode : words,
      ),
      h(
        'button',
        {
          type: 'button',
          class: part('button'),
          ...(pool
            ? {
                'data-pool': pool,
                'data-gone': gone || messages.gone,
                ...(expires && { 'data-expires': true }),
              }
            : { 'data-copy': words }),
          'data-copied': copied,
          'data-text': 'button',
        },
        button,
      ),
      h('span', { class: 'unseen', role: 'status' }),
    ),
  css: '&{display:flex;flex-wrap:wrap;align-items:center}& code{font-family:ui-monospace,monospace;user-select:all;overflow-wrap:anywhere}& button{font:inherit;border:0;cursor:pointer;min-height:40px}',
});
