import {
  badge,
  column,
  countdown,
  dismiss,
  dressed,
  heading,
  icon,
  link,
  list,
  row,
  words,
} from '../sketch/index.js';
import { eveningIn, type Starter } from './starter.js';

export const announce: readonly Starter[] = [
  {
    id: 'evening-bar',
    purpose: 'announce',
    says: 'Counts down to an evening, in a bar above the page.',
    sketch: (time) => ({
      name: 'Countdown to the evening',
      kind: 'countdown',
      placement: { type: 'bar', at: 'top', push: true, width: 1040 },
      opening: [
        dressed(
          row([
            dressed(words('The long evening begins in'), { share: 0, fontWeight: 600 }),
            dressed(countdown(eveningIn(12, time), { zone: time.zone, design: 'line' }), { share: 0 }),
            dressed(link('Keep a place', '/events'), { share: 0, padding: [6, 16, 6, 16] }),
          ]),
          { along: 'center', gap: '{space.4}' },
        ),
      ],
      scenes: {
        expired: [
          words('The long evening has begun. The doors are open until midnight.', { align: 'center' }),
        ],
      },
      style: { overlay: { box: { base: { background: '{color.soft}', padding: [10, 56, 10, 24] } } } },
    }),
  },
  {
    id: 'evening-card',
    purpose: 'announce',
    says: 'A card in the page with the days that are left.',
    sketch: (time) => ({
      name: 'Days until the evening',
      kind: 'countdown',
      placement: { type: 'inline', width: 640 },
      opening: [
        heading('The long evening', 2, { align: 'center' }),
        words('Music, a lantern walk, and the doors open until midnight.', { align: 'center' }),
        dressed(countdown(eveningIn(21, time), { zone: time.zone }), { along: 'center' }),
        dressed(link('What is on', '/events', { icon: 'calendar' }), { self: 'center' }),
      ],
      scenes: { expired: [heading('It is on now', 2, { align: 'center' })] },
    }),
  },
  {
    id: 'news-corner',
    purpose: 'announce',
    says: 'A few words of news in the corner.',
    sketch: () => ({
      name: 'News in the corner',
      kind: 'popup',
      placement: { type: 'corner', at: 'bottom-left', width: 340 },
      opening: [
        badge('New'),
        heading('We have moved one door on', 3),
        words('The same people, and twice the room. Come and see.'),
        link('How to find us', '/visit', { icon: 'map-pin' }),
      ],
      behaviour: { triggers: { any: [{ type: 'delay', seconds: 5 }] }, frequency: { per: 'days', days: 7 } },
    }),
  },
  {
    id: 'closed-bar',
    purpose: 'announce',
    says: 'Says that something is closed or late.',
    sketch: () => ({
      name: 'Closed for a few days',
      kind: 'bar',
      placement: { type: 'bar', at: 'top', push: true, width: 1040 },
      opening: [
        dressed(
          row([
            dressed(icon('info', { width: 24 }, { width: 22, color: '{color.ink}' }), { share: 0 }),
            dressed(words('We are closed from 24 December to 2 January. Orders leave on the 3rd.'), {
              share: 0,
            }),
          ]),
          { along: 'center', gap: '{space.3}' },
        ),
      ],
      style: {
        overlay: {
          box: {
            base: {
              background: '{color.ground}',
              padding: [10, 56, 10, 24],
              borderColor: '{color.line}',
              borderWidth: [0, 0, 1, 0],
              shadow: 'none',
            },
          },
        },
      },
    }),
  },
  {
    id: 'opening-cover',
    purpose: 'announce',
    says: 'A whole window for the one day that matters.',
    sketch: () => ({
      name: 'Opening day',
      kind: 'popup',
      placement: { type: 'cover', width: 720 },
      opening: [
        dressed(badge('Saturday, from ten'), { self: 'center' }),
        heading('We open', 1, { align: 'center', fontSize: 72, lineHeight: 1 }),
        words('Bread, music and a look behind the doors. Bring somebody.', {
          align: 'center',
          fontSize: '{size.large}',
        }),
        dressed(
          row([
            dressed(link('The way there', '/visit'), { share: 0 }),
            dressed(dismiss('Go on reading'), { share: 0 }),
          ]),
          { along: 'center', gap: '{space.3}' },
        ),
      ],
      style: {
        overlay: {
          box: {
            base: { gradient: 'radial-gradient({color.ground}, {color.soft})', background: '{color.soft}' },
          },
        },
      },
    }),
  },
  {
    id: 'ticket-side',
    purpose: 'announce',
    says: 'What is on this month, at the side of the page.',
    sketch: () => ({
      name: 'On this month',
      kind: 'cta',
      placement: { type: 'launcher', at: 'right', shape: 'tab', width: 340 },
      opening: [
        heading('On this month', 3),
        {
          ...list(
            ['Friday 4: a reading', 'Saturday 12: open doors', 'Thursday 24: the quiet evening'],
            'calendar',
          ),
          style: {
            even: { base: { background: '{color.soft}' } },
            item: { base: { padding: 8, radius: '{radius.field}' } },
          },
        },
        column([link('All dates', '/events')]),
      ],
      scenes: { teaser: [words('On this month')] },
    }),
  },
];
