import { Type } from '@sinclair/typebox';
import { rimHandle } from './corner.js';
import {
  boxCss,
  closing,
  closingProperties,
  definePlacement,
  offset,
  oneOf,
  overlayWidth,
  strict,
} from './definition.js';
import { foldedCss } from './folded.js';
import { rim, rimBox, rimCss, rimNames, rimWords } from './rim.js';

const schema = Type.Object(
  {
    type: Type.Literal('launcher'),
    at: rim,
    shape: oneOf(['bubble', 'tab']),
    offset,
    width: overlayWidth,
    closing,
  },
  strict,
);

export const launcher = definePlacement({
  type: 'launcher',
  label: 'Launcher',
  help: 'A small bubble or tab, the teaser scene, that opens the widget.',
  schema,
  stand: 'popover',
  mode: 'free',
  slot: ({ at }) => `launcher-${at}`,
  create: () => ({
    type: 'launcher',
    at: 'bottom-right',
    shape: 'bubble',
    offset: [24, 24],
    width: 360,
    closing: { button: true, escape: true, backdrop: false },
  }),
  phrase: ({ at, shape }) => `behind a ${shape} ${rimWords(at)}`,
  handle: ({ at }) => rimHandle(at),
  properties: [
    { path: ['at'], label: 'Position', control: 'choice', options: rimNames },
    {
      path: ['shape'],
      label: 'Collapsed as',
      control: 'choice',
      options: { bubble: 'Bubble', tab: 'Tab' },
    },
    ...closingProperties(false, true),
  ],
  box: ({ width, offset: distances }) => rimBox(width, distances),
  css: ({ at, shape }) =>
    boxCss +
    rimCss(at) +
    // A tab grows out of its side of the window; along that side it keeps its distance.
    (shape === 'tab' ? `.box{${/left|right/.test(at) ? '--ox' : '--oy'}:0px!important}` : '') +
    foldedCss(shape, at),
});
