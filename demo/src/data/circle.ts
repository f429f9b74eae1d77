import { brandLogo } from '@sirene/core/document/elements';
import {
  buildWidget,
  column,
  dressed,
  email,
  field,
  form,
  heading,
  icon,
  link,
  notice,
  row,
  send,
  thanks,
  toScene,
  words,
  type Sketch,
} from '@sirene/core/library/sketch';
import type { Action } from '@sirene/core/actions';
import type { SceneName, WidgetDocument } from '@sirene/core/document/widget';
import { answered } from './answered.js';

/** Invites readers of the home page into the circle of members. */
export const membersCircle: WidgetDocument = {
  ...buildWidget({
    name: 'Members’ circle',
    kind: 'cta',
    placement: { type: 'inline', width: 1120 },
    opening: [
      dressed(
        row([
          dressed(
            icon('telescope', { width: 96, background: 'rgb(255 181 71 / 0.14)', radius: 48 }, { width: 52 }),
            { share: 0 },
          ),
          dressed(
            column([
              heading('Join the members’ circle', 2, { color: '#ffffff' }),
              words(
                'Two hundred people who push the dome round by hand. Your own key, the library, and a seat on every meteor night.',
              ),
            ]),
            { gap: '{space.2}', share: 4, minWidth: 220 },
          ),
          { ...dressed(link('See the plans', '/members/'), { share: 0 }), look: 'lamplight' },
        ]),
        { gap: '{space.5}', across: 'center' },
      ),
    ],
    style: { panel: { box: { base: { padding: 36 } } } },
    motion: {
      entrance: {
        kind: 'slide',
        from: 'bottom',
        strength: 0.35,
        duration: 600,
        delay: 0,
        easing: 'ease-out',
        inView: true,
      },
    },
  }),
  look: 'night',
};

const plan = (
  name: string,
  amount: number,
  features: string[],
  more: Record<string, unknown> = {},
): Sketch => ({
  type: 'plan',
  name,
  amount,
  period: 'a year',
  currency: 'EUR',
  locale: 'en',
  featureIcon: 'moon',
  address: '/sign-in/',
  features,
  ...more,
});

/** The three ways to be a member, side by side. */
export const circlePlans = buildWidget({
  name: 'Circle plans',
  kind: 'cta',
  placement: { type: 'inline', width: 1120 },
  opening: [
    {
      type: 'plans',
      inside: [
        plan('Lamp', 30, ['Every evening is free', 'The Sky letter on paper'], {
          subtitle: 'For one who comes now and then',
          icon: 'lamp',
          button: 'Light a lamp',
        }),
        plan(
          'Lens',
          60,
          [
            'Every evening is free, for two',
            'Borrow a telescope for a month',
            'The library, on open evenings',
          ],
          {
            subtitle: 'What most of us have',
            badge: 'Most chosen',
            icon: 'telescope',
            button: 'Take the Lens',
            style: {
              box: { base: { borderColor: '{color.accent}', borderWidth: 2 } },
              button: {
                base: { background: '{color.lamp}', color: '{color.deep}' },
                hover: { background: '#ffc76d', color: '{color.deep}' },
              },
            },
          },
        ),
        plan(
          'Dome',
          140,
          [
            'All of the Lens',
            'Your own key, after three duties',
            'A night with the big lens each season',
            'Your name on the ring',
          ],
          {
            subtitle: 'For those who push it round',
            icon: 'orbit',
            old: 160,
            button: 'Hold up the Dome',
          },
        ),
      ],
    },
  ],
  style: { panel: { box: { base: { background: 'transparent', padding: 0 } } } },
});

const gift = (rhythm: string, interval?: 'month'): Action => ({
  type: 'payment',
  amount: '{{amount}}',
  currency: 'EUR',
  description: 'A gift for the dome motor',
  ...(interval && { interval }),
  receiptSubject: 'Your gift for the dome motor',
  receipt:
    'Dear {{name}},\n\nyour gift has reached us. Thank you: the dome is a little closer to turning by itself.\n\nLarkmoor Observatory',
  when: answered('rhythm', 'equals', rhythm),
});

/** Gifts for the motor that is to turn the dome. */
export const domeMotor = buildWidget({
  name: 'Dome motor fund',
  kind: 'form',
  placement: { type: 'inline', width: 620 },
  opening: [
    heading('Help it turn by itself'),
    words('It takes two adults to push the dome. A motor does it at the press of a button.'),
    {
      type: 'raised',
      words: '{{raised}} of {{goal}} has been raised so far',
      goal: 18_400,
      before: 10_890,
      currency: 'EUR',
      locale: 'en',
    },
    form([
      {
        type: 'amounts',
        currency: 'EUR',
        locale: 'en',
        amounts: [
          { value: 15, words: 'One hour of the old way' },
          { value: 40, words: 'A metre of the toothed rail' },
          { value: 120, words: 'A night’s turning, for good' },
        ],
        ownLabel: 'Another amount',
        ownMin: 5,
      },
      {
        ...field('choice', 'rhythm', 'How often', { required: true, options: ['Once', 'Every month'] }),
        initial: 'Once',
      },
      field('name', 'name', 'Your name', { required: true }),
      email(),
      field('consent', 'ring', 'The ring of names', { options: ['You may write my name on it.'] }),
      send('Give', { icon: 'heart' }),
      notice('Your gift goes to the motor alone. We write to you once about it, and once when it turns.'),
    ]),
  ],
  scenes: thanks('Thank you', 'The page on which you pay opens in a moment.'),
  afterwards: {
    actions: [
      gift('Once'),
      gift('Every month', 'month'),
      { type: 'notify', recipients: ['fund@larkmoor.example'], subject: 'A gift for the dome motor' },
    ],
  },
});

const glass = {
  minWidth: 240,
  padding: '{space.6}',
  background: 'rgb(13 14 46 / 0.66)',
  backdropBlur: 10,
  radius: '{radius.box}',
  borderColor: 'rgb(223 224 251 / 0.28)',
  borderWidth: 1,
};

const doorway = (label: string, scene: SceneName): Sketch => ({
  ...toScene(label, scene, { variant: 'text', size: 'S' }),
  style: {
    box: {
      base: { color: '{color.moonlight}' },
      hover: { background: 'rgb(223 224 251 / 0.16)', color: '#ffffff' },
    },
  },
});

const doorNotice = (text: string): Sketch => dressed(notice(text), { color: '{color.moonlight}' });

/** A form that actions follow by its name. */
const named = (id: string, sketch: Sketch): Sketch => ({ ...sketch, id });

const doorScene = (title: string, inside: readonly Sketch[]) => ({
  title,
  inside: [
    dressed(column([...inside, doorway('Back to sign in', 'opening')]), {
      ...glass,
      width: 440,
      maxWidth: '100%',
      self: 'center',
    }),
  ],
});

/**
 * Where members sign in: a page of its own before the night sky.
 *
 * @param site the origin of the site, whose members' page they go on to
 */
export const membersDoor = (site: string) =>
  buildWidget({
    name: 'Members’ door',
    kind: 'form',
    placement: { type: 'page', at: 'centre', width: 1000 },
    opening: [
      dressed(
        row([
          dressed(
            column([
              { type: 'image', src: brandLogo, alt: '', style: { box: { base: { width: 190 } } } },
              heading('Come in out of the dark', 1, { fontSize: 44, lineHeight: 1.1, color: '#ffffff' }),
              words('Your key, your evenings and what you have borrowed are behind this door.', {
                color: '#ffffff',
                fontSize: '{size.large}',
              }),
            ]),
            { minWidth: 260, along: 'center', padding: '{space.3}' },
          ),
          dressed(
            column([
              heading('Sign in', 2, { color: '#ffffff' }),
              named(
                'signin',
                form(
                  [
                    email(),
                    field('password', 'password', 'Password', { required: true }),
                    { ...send('Open the door', { icon: 'key-round' }), look: 'lamplight' },
                    doorNotice('What you type opens the door, and is not kept.'),
                  ],
                  { gap: '{space.4}' },
                ),
              ),
              dressed(
                row([
                  dressed(doorway('Forgotten your password?', 'scene-forgotten'), { share: 0 }),
                  dressed(doorway('Register', 'scene-register'), { share: 0 }),
                ]),
                { along: 'space-between' },
              ),
            ]),
            glass,
          ),
        ]),
        { gap: '{space.6}', across: 'stretch' },
      ),
    ],
    scenes: {
      thanks: [
        heading('Look into your mailbox', 2, { color: '#ffffff' }),
        words('If we know this address, a link for a new password is on its way.', { color: '#ffffff' }),
      ],
    },
    named: {
      'scene-forgotten': doorScene('Forgotten password', [
        heading('Reset your password', 2, { color: '#ffffff' }),
        words('Give your e-mail address and a link will be on its way.'),
        named(
          'reset',
          form(
            [
              email(),
              { ...send('Send the link'), look: 'lamplight' },
              doorNotice('Used to find your key, and for nothing else.'),
            ],
            { gap: '{space.4}' },
          ),
        ),
      ]),
      'scene-register': doorScene('Register', [
        heading('Become a member', 2, { color: '#ffffff' }),
        named(
          'register',
          form(
            [
              field('name', 'name', 'Your name', { required: true }),
              email(),
              field('password', 'password', 'Password', { required: true }),
              { ...send('Create account'), look: 'lamplight' },
              doorNotice('Your details are kept with your membership, and passed on to nobody.'),
            ],
            { gap: '{space.4}' },
          ),
        ),
      ]),
    },
    afterwards: {
      actions: [
        { type: 'member', does: 'sign-in', form: 'signin', page: `${site}/members/` },
        { type: 'member', does: 'reset', form: 'reset' },
        { type: 'member', does: 'register', form: 'register', page: `${site}/members/` },
        { type: 'tag', tag: 'member', form: 'register' },
        {
          type: 'notify',
          recipients: ['members@larkmoor.example'],
          subject: 'A new member: {{name}}',
          form: 'register',
        },
      ],
    },
    style: {
      panel: {
        box: {
          base: {
            background: '{color.deep}',
            image: 'asset:@dome-night',
            imageFit: 'cover',
            imagePosition: '68% 100%',
            color: '{color.moonlight}',
          },
        },
      },
      field: {
        label: { base: { color: '{color.moonlight}' } },
        error: { base: { color: '#ffc9c9' } },
      },
    },
  });
