import { Type } from '@sinclair/typebox';
import {
  boxCss,
  closing,
  closingProperties,
  definePlacement,
  oneOf,
  overlayWidth,
  strict,
  overlayRange,
} from './definition.js';
import { coverFields } from './sheet.js';

const schema = Type.Object(
  {
    type: Type.Literal('anchored'),
    /** A CSS selector of the page's element. */
    to: Type.String({ minLength: 1, maxLength: 200 }),
    at: oneOf(['below', 'above', 'before', 'after']),
    /** Which edges are lined up. */
    align: oneOf(['start', 'centre', 'end']),
    gap: Type.Number({ minimum: 0, maximum: 200 }),
    width: overlayWidth,
    closing,
    ...coverFields,
  },
  strict,
);

export const anchored = definePlacement({
  type: 'anchored',
  label: 'Anchored to an element',
  help: 'Attached to an element of the page; flips at the edge of the window.',
  schema,
  stand: 'popover',
  mode: 'overlay',
  slot: () => 'none',
  create: () => ({
    type: 'anchored',
    to: 'header a',
    at: 'below',
    align: 'end',
    gap: 8,
    width: 360,
    closing: { button: true, escape: true, backdrop: true },
  }),
  phrase: ({ to }) => `anchored to ${to}`,
  handle: () => ({ edge: 'right', times: 1, range: overlayRange }),
  properties: [
    {
      path: ['to'],
      label: 'Anchor',
      control: 'line',
      always: true,
      help: 'CSS selector of the element on the page, such as #basket.',
    },
    {
      path: ['at'],
      label: 'Side',
      control: 'choice',
      options: { below: 'Below', above: 'Above', before: 'Before', after: 'After' },
    },
    {
      path: ['align'],
      label: 'Alignment',
      control: 'choice',
      options: { start: 'Start', centre: 'Centre', end: 'End' },
    },
    { path: ['gap'], label: 'Gap', unit: 'px', control: 'number', always: true, min: 0, max: 200 },
    ...closingProperties(true),
  ],
  box: ({ width }) => ({ base: { width } }),
  // Where it hangs is known only on the page; mount sets left and top.
  css: () => `${boxCss}.box{inset:0 auto auto 0}`,
});
