import { brandLogo } from '../../document/elements/index.js';
import {
  column,
  countdown,
  drawing,
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
  toScene,
  words,
  type Sketch,
} from '../sketch/index.js';
import { eveningIn, type Starter } from './starter.js';

const doorCard = {
  minWidth: 280,
  padding: '{space.6}',
  background: '{color.ground}',
  radius: '{radius.box}',
  shadow: '{shadow.raised}',
};

/** A scene beside the one that signs in, on a card of the same kind. */
const doorScene = (title: string, inside: readonly Sketch[]) => ({
  title,
  inside: [
    dressed(column([...inside, toScene('Back to sign in', 'opening', { variant: 'text', size: 'S' })]), {
      ...doorCard,
      width: 440,
      maxWidth: '100%',
      self: 'center',
    }),
  ],
});

export const members: readonly Starter[] = [
  {
    id: 'sign-in',
    purpose: 'members',
    says: 'A standalone sign-in page in two columns.',
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
                heading('Welcome back', 1, { color: '{color.on-accent}' }),
                words('Your bookings, lists and loans, all in one place.', {
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
                  notice('Your password is checked and never stored.'),
                ]),
                dressed(
                  row([
                    dressed(
                      toScene('Forgot your password?', 'scene-forgotten', { variant: 'text', size: 'S' }),
                      { share: 0 },
                    ),
                    dressed(toScene('Register', 'scene-register', { variant: 'text', size: 'S' }), {
                      share: 0,
                    }),
                  ]),
                  { along: 'space-between' },
                ),
              ]),
              doorCard,
            ),
          ]),
          { gap: '{space.6}', across: 'stretch' },
        ),
      ],
      scenes: {
        thanks: [
          heading('You’re in', 2, { color: '{color.on-accent}' }),
          words('Just a moment.', { color: '{color.on-accent}' }),
        ],
      },
      named: {
        'scene-forgotten': doorScene('Forgotten password', [
          heading('Reset your password'),
          words('Enter your e-mail address and we’ll send you a link.'),
          form([
            email(),
            send('Send reset link'),
            notice('Used to find your account, and for nothing else.'),
          ]),
        ]),
        'scene-register': doorScene('Register', [
          heading('Create your account'),
          form([
            field('name', 'name', 'Your name', { required: true }),
            email(),
            field('password', 'password', 'Password', { required: true }),
            send('Create account'),
            notice(),
          ]),
        ]),
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
    says: 'Invites readers to become members.',
    sketch: () => ({
      name: 'Become a member',
      kind: 'cta',
      placement: { type: 'inline', width: 860 },
      opening: [
        drawing('members', 220),
        heading('Become a member', 2, { align: 'center' }),
        words('Join 200 members who make this place possible.', { align: 'center' }),
        dressed(
          row([
            dressed(link('Become a member', '/join'), { share: 0 }),
            dressed({ ...link('See prices', '/prices'), ...quiet }, { share: 0 }),
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
    says: 'A bubble with the answers most people need.',
    sketch: () => ({
      name: 'Quick answers',
      kind: 'cta',
      placement: { type: 'launcher', at: 'bottom-left', shape: 'bubble', width: 320 },
      opening: [
        heading('Quick answers', 3),
        list(
          [
            'Opening hours: at the bottom of every page',
            'Tickets: on each event’s page',
            'Lost property: at the front desk',
          ],
          'info',
        ),
        link('Contact form', '/contact', { icon: 'mail' }),
      ],
      scenes: { teaser: [icon('circle-help', { width: 28 }, { color: '{color.on-accent}' })] },
    }),
  },
  {
    id: 'renew',
    purpose: 'members',
    says: 'Reminds members to renew before the year ends.',
    sketch: (time) => ({
      name: 'Renew your membership',
      kind: 'countdown',
      placement: { type: 'corner', at: 'bottom-right', width: 360 },
      opening: [
        heading('Renew by the end of the year', 3),
        words('Keep your card, your discounts and your seat at the members’ evening.'),
        countdown(eveningIn(30, time), { zone: time.zone, units: ['days', 'hours'] }),
        link('Renew now', '/members/renew'),
      ],
      scenes: {
        expired: [
          heading('A new year together', 3),
          words('Membership for the new year is open.'),
          link('Become a member', '/members'),
        ],
      },
      behaviour: { triggers: { any: [{ type: 'delay', seconds: 5 }] }, frequency: { per: 'days', days: 7 } },
    }),
  },
];
