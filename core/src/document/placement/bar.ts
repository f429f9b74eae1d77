import { Type } from '@sinclair/typebox';
import {
  closing,
  closingProperties,
  contentWidth,
  definePlacement,
  oneOf,
  straight,
  strict,
} from './definition.js';
import { coverFields } from './sheet.js';

const schema = Type.Object(
  {
    type: Type.Literal('bar'),
    at: oneOf(['top', 'bottom']),
    /** Moves the page out of its way rather than lying over it. */
    push: Type.Boolean(),
    /** Widest content, px. */
    width: Type.Number({ minimum: 200, maximum: 2000 }),
    closing,
    ...coverFields,
  },
  strict,
);

export const bar = definePlacement({
  type: 'bar',
  label: 'Bar',
  help: 'Across the window, at the top or bottom.',
  schema,
  stand: 'popover',
  mode: 'free',
  slot: ({ at }) => `${at}-bar`,
  create: () => ({
    type: 'bar',
    at: 'top',
    push: false,
    width: 1120,
    closing: { button: true, escape: false, backdrop: false },
  }),
  phrase: ({ at, push }) => `as a bar at the ${at}${push ? ', pushing the page' : ''}`,
  preview: ({ width }) => ({ width: Math.min(width, 760) }),
  properties: [
    { path: ['at'], label: 'Edge', control: 'choice', options: { top: 'Top', bottom: 'Bottom' } },
    {
      path: ['push'],
      label: 'Push page content',
      control: 'toggle',
      always: true,
      help: 'Instead of covering it. Nothing on the page jumps.',
    },
    contentWidth,
    ...closingProperties(false),
  ],
  box: straight,
  css: ({ at, width }) =>
    `.box{width:100%;max-width:none;inset:${at === 'top' ? '0 0 auto' : 'auto 0 0'};` +
    `padding-${at}:env(safe-area-inset-${at})}.scene>*{max-width:${width}px;margin-inline:auto}` +
    // What wraps on a phone, one below the other, stands in the middle: texts as much as pictures and buttons.
    '@media (max-width:600px){.scene{text-align:center}.scene>*{justify-content:center}}',
});
