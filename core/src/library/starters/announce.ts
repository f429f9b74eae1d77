import {
  badge,
  column,
  countdown,
  dismiss,
  drawing,
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
    says: 'Counts down to an event, in a bar above the page.',
    sketch: (time) => ({
      name: 'Event countdown bar',
      kind: 'countdown',
      placement: { type: 'bar', at: 'top', push: true, width: 1040 },
      opening: [
        dressed(
          row([
            dressed(words('The late opening starts in'), { share: 0, fontWeight: 600 }),
            dressed(countdown(eveningIn(12, time), { zone: time.zone, design: 'line' }), { share: 0 }),
            dressed(link('Reserve a spot', '/events'), { share: 0, padding: [6, 16, 6, 16] }),
          ]),
          { along: 'center', gap: '{space.4}' },
        ),
      ],
      scenes: {
        expired: [words('The late opening is on. Doors are open until midnight.', { align: 'center' })],
      },
      style: { overlay: { box: { base: { background: '{color.soft}', padding: [10, 56, 10, 24] } } } },
    }),
  },
  {
    id: 'evening-card',
    purpose: 'announce',
    says: 'A card in the page that counts the days.',
    sketch: (time) => ({
      name: 'Days until the event',
      kind: 'countdown',
      placement: { type: 'inline', width: 640 },
      opening: [
        heading('The late opening', 2, { align: 'center' }),
        words('Live music, a lantern walk and open doors until midnight.', { align: 'center' }),
        dressed(countdown(eveningIn(21, time), { zone: time.zone }), { along: 'center' }),
        dressed(link('See the programme', '/events', { icon: 'calendar' }), { self: 'center' }),
      ],
      scenes: { expired: [heading('It’s happening now', 2, { align: 'center' })] },
    }),
  },
  {
    id: 'news-corner',
    purpose: 'announce',
    says: 'A short piece of news in the corner.',
    sketch: () => ({
      name: 'News card',
      kind: 'popup',
      placement: { type: 'corner', at: 'bottom-left', width: 340 },
      opening: [
        badge('New'),
        heading('We’ve moved next door', 3),
        words('Same people, twice the space. Come and see.'),
        link('Find us', '/visit', { icon: 'map-pin' }),
      ],
      behaviour: { triggers: { any: [{ type: 'delay', seconds: 5 }] }, frequency: { per: 'days', days: 7 } },
    }),
  },
  {
    id: 'closed-bar',
    purpose: 'announce',
    says: 'Announces closing days and late deliveries.',
    sketch: () => ({
      name: 'Holiday notice',
      kind: 'bar',
      placement: { type: 'bar', at: 'top', push: true, width: 1040 },
      opening: [
        dressed(
          row([
            dressed(icon('info', { width: 24 }, { width: 22, color: '{color.ink}' }), { share: 0 }),
            dressed(words('We’re closed from 24 December to 2 January. Orders ship from the 3rd.'), {
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
    says: 'Full screen, for the one day that matters.',
    sketch: () => ({
      name: 'Opening day',
      kind: 'popup',
      placement: { type: 'cover', width: 720 },
      opening: [
        dressed(badge('Saturday from 10 a.m.'), { self: 'center' }),
        heading('We’re opening', 1, { align: 'center', fontSize: 72, lineHeight: 1 }),
        words('Fresh bread, music and a look behind the scenes. Bring a friend.', {
          align: 'center',
          fontSize: '{size.large}',
        }),
        dressed(
          row([
            dressed(link('Get directions', '/visit'), { share: 0 }),
            dressed(dismiss('Continue to the site'), { share: 0 }),
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
    says: 'This month’s dates, one click away.',
    sketch: () => ({
      name: 'What’s on this month',
      kind: 'cta',
      placement: { type: 'launcher', at: 'right', shape: 'tab', width: 340 },
      opening: [
        heading('What’s on this month', 3),
        {
          ...list(
            ['Friday 4: a reading', 'Saturday 12: open doors', 'Thursday 24: members’ evening'],
            'calendar',
          ),
          style: {
            even: { base: { background: '{color.soft}' } },
            item: { base: { padding: 8, radius: '{radius.field}' } },
          },
        },
        column([link('See all dates', '/events')]),
      ],
      scenes: { teaser: [words('What’s on this month')] },
    }),
  },
  {
    id: 'new-feature',
    purpose: 'announce',
    says: 'Introduces something new, with three reasons to try it.',
    sketch: () => ({
      name: 'What’s new',
      kind: 'popup',
      placement: { type: 'centre', width: 480 },
      opening: [
        drawing('booking', 200, { self: 'start' }),
        badge('New'),
        heading('Book online, day or night'),
        list(
          ['See free slots at a glance', 'Change or cancel yourself', 'A reminder the day before'],
          'circle-check',
        ),
        dressed(
          row([
            dressed({ ...link('Try it', '/book'), wide: false }, { share: 0 }),
            dressed({ ...dismiss('Later'), variant: 'text' }, { share: 0 }),
          ]),
          { gap: '{space.3}' },
        ),
      ],
      behaviour: { triggers: { any: [{ type: 'delay', seconds: 6 }] }, frequency: { per: 'days', days: 30 } },
    }),
  },
  {
    id: 'new-episode',
    purpose: 'announce',
    says: 'Announces a new episode, video or article in the corner.',
    sketch: () => ({
      name: 'New episode',
      kind: 'popup',
      placement: { type: 'corner', at: 'bottom-left', width: 340 },
      opening: [
        dressed(
          row([
            dressed(
              icon('headphones', { width: 48, background: '{color.soft}', radius: 24 }, { width: 26 }),
              {
                share: 0,
              },
            ),
            dressed(
              column([heading('New episode', 3), words('Forty minutes on how it all began.')], { gap: 4 }),
              {
                share: 1,
                minWidth: 160,
              },
            ),
          ]),
          { gap: '{space.3}', across: 'center' },
        ),
        link('Listen now', '/podcast'),
      ],
      behaviour: { triggers: { any: [{ type: 'delay', seconds: 8 }] }, frequency: { per: 'days', days: 7 } },
    }),
  },
  {
    id: 'maintenance',
    purpose: 'announce',
    says: 'Warns of planned downtime in a bar.',
    sketch: () => ({
      name: 'Maintenance notice',
      kind: 'bar',
      placement: { type: 'bar', at: 'top', push: true, width: 1040 },
      opening: [
        words('Planned maintenance: booking is offline on Sunday from 6 to 8 a.m.', { align: 'center' }),
      ],
      style: { overlay: { box: { base: { background: '{color.soft}', padding: [10, 56, 10, 24] } } } },
    }),
  },
];
