import { Type } from '@sinclair/typebox';
import { RefreshCw } from 'lucide';
import { h } from '../../base/html/index.js';
import { childList, define, elementFields, line } from './definition.js';

/** What it holds is seen one after the other, as in a bar with several messages; it can be paused (WCAG 2.2, 2.2.2). */
export const turns = define({
  type: 'turns',
  label: 'Messages in turn',
  icon: RefreshCw,
  schema: elementFields('turns', {
    /** How long each is seen, s. */
    seconds: Type.Number({ minimum: 3, maximum: 120 }),
    /** What the pause button is called while they change, and while they do not. */
    pause: line(40),
    play: line(40),
    children: childList,
  }),
  role: () => 'turns',
  parts: ['box', 'pause'],
  texts: () => [],
  container: true,
  script: () => 'turns' as const,
  create: () => ({ type: 'turns', seconds: 6, pause: 'Pause messages', play: 'Play messages', children: [] }),
  title: ({ children }) => `${children.length} ${children.length === 1 ? 'message' : 'messages'} in turn`,
  properties: [
    {
      path: ['seconds'],
      label: 'Seconds each',
      unit: 's',
      control: 'number',
      min: 3,
      max: 120,
      always: true,
    },
    { path: ['pause'], label: 'Pause label', control: 'line', always: true, rare: true },
    { path: ['play'], label: 'Play label', control: 'line', always: true, rare: true },
  ],
  offers: [
    {
      label: 'Messages in turn',
      with: {},
      holds: [
        { type: 'text', level: 0, content: [{ text: 'The first message' }] },
        { type: 'text', level: 0, content: [{ text: 'The second message' }] },
      ],
    },
  ],
  render: ({ seconds, pause, play }, { box, part, children }) =>
    h(
      'div',
      { ...box, 'data-turns': String(seconds), 'data-pause': pause, 'data-play': play },
      h('div', { class: 'messages' }, children()),
      h('button', {
        type: 'button',
        class: `pause ${part('pause')}`,
        'aria-label': pause,
        'data-pausing': '',
      }),
    ),
  // All lie on one another, so that the bar is as high as the highest and never jumps.
  css:
    '&{display:flex;align-items:center}& .messages{flex:1;min-width:0;display:grid}& .messages>*{grid-area:1/1;min-width:0}' +
    '&[data-now] .messages>:not([data-on]){visibility:hidden}& .pause{flex:none;width:28px;height:28px;border:0;background:none;color:inherit;cursor:pointer}' +
    '& .pause::before{content:"";display:block;margin:auto;width:10px;height:12px;border:solid currentColor;border-width:0 3px}' +
    '&[data-paused] .pause::before{border-width:6px 0 6px 10px;border-color:transparent transparent transparent currentColor;width:0;height:0}',
});
