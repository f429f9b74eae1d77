import { brandLogo } from '../elements/index.js';
import {
  column,
  dressed,
  email,
  field,
  form,
  heading,
  icon,
  link,
  list,
  notice,
  quiet,
  row,
  send,
  words,
  type Sketch,
} from '../sketch/index.js';
import type { Starter } from './starter.js';

/** A line of text that leads somewhere. */
const linked = (text: string, link: string): Sketch => ({ ...words(''), content: [{ text, link }] });

export const members: readonly Starter[] = [
  {
    id: 'sign-in',
    purpose: 'members',
    says: 'A page of its own to sign in, in two columns.',
    sketch: () => ({
      name: 'Sign in',
      kind: 'form',
      placement: { type: 'page', at: 'centre', width: 960 },
      opening: [
        dressed(
          row([
            dressed(
              column([
                dressed({ type: 'image', src: brandLogo, alt: '' }, { width: 160 }),
                heading('Good to see you again', 1, { color: '{color.on-accent}' }),
                words('Your evenings, your lists and what you borrowed are behind this door.', {
                  color: '{color.on-accent}',
                }),
              ]),
              { minWidth: 260, padding: '{space.5}', along: 'center' },
            ),
            dressed(
              column([
                heading('Sign in'),
                form([
                  email(),
                  field('password', 'password', 'Password', { required: true }),
                  send('Sign in', { icon: 'log-in' }),
                  notice('What you type is used to let you in, and not kept.'),
                ]),
                dressed(
                  row([
                    dressed(linked('Forgotten your password?', '/forgotten'), { share: 0 }),
                    dressed(linked('Become a member', '/join'), { share: 0 }),
                  ]),
                  { along: 'space-between', fontSize: '{size.small}' },
                ),
              ]),
              {
                minWidth: 280,
                padding: '{space.6}',
                background: '{color.ground}',
                radius: '{radius.box}',
                shadow: '{shadow.raised}',
              },
            ),
          ]),
          { gap: '{space.6}', across: 'stretch' },
        ),
      ],
      scenes: {
        thanks: [
          heading('You are in', 2, { color: '{color.on-accent}' }),
          words('One moment.', { color: '{color.on-accent}' }),
        ],
      },
      style: {
        panel: {
          box: {
            base: {
              background: '{color.accent-strong}',
              gradient: 'linear-gradient(160deg, {color.accent}, {color.accent-strong})',
            },
          },
        },
      },
    }),
  },
  {
    id: 'circle',
    purpose: 'members',
    says: 'Invites readers into a circle of members.',
    sketch: () => ({
      name: 'Join the circle',
      kind: 'cta',
      placement: { type: 'inline', width: 860 },
      opening: [
        dressed(icon('users', { width: 72, background: '{color.soft}', radius: 36 }, { width: 40 }), {
          self: 'center',
        }),
        heading('Join the circle', 2, { align: 'center' }),
        words('Two hundred people who come a little closer. There is room for you.', { align: 'center' }),
        dressed(
          row([
            dressed(link('Become a member', '/join'), { share: 0 }),
            dressed({ ...link('What it costs', '/prices'), ...quiet }, { share: 0 }),
          ]),
          { along: 'center', gap: '{space.3}' },
        ),
      ],
      motion: {
        entrance: {
          kind: 'slide',
          from: 'bottom',
          strength: 0.3,
          duration: 500,
          delay: 0,
          easing: 'ease-out',
          inView: true,
        },
      },
    }),
  },
  {
    id: 'link-strip',
    purpose: 'members',
    says: 'Account, favourites and the basket in one strip.',
    sketch: () => ({
      name: 'Link strip',
      kind: 'cta',
      placement: { type: 'inline', width: 480 },
      opening: [{ type: 'links' }],
      style: { panel: { box: { base: { background: 'transparent', padding: 8 } } } },
    }),
  },
  {
    id: 'help-corner',
    purpose: 'members',
    says: 'A bubble that leads to the answers most people need.',
    sketch: () => ({
      name: 'Where to find what',
      kind: 'cta',
      placement: { type: 'launcher', at: 'bottom-left', shape: 'bubble', width: 320 },
      opening: [
        heading('Where to find what', 3),
        list(
          [
            'Opening hours: below every page',
            'Tickets: on the page of each evening',
            'Lost things: at the door',
          ],
          'info',
        ),
        link('Ask us', '/contact', { icon: 'mail' }),
      ],
      scenes: { teaser: [icon('circle-help', { width: 28 }, { color: '{color.on-accent}' })] },
    }),
  },
];
