import {
  badge,
  column,
  dismiss,
  drawing,
  dressed,
  email,
  field,
  form,
  heading,
  icon,
  list,
  notice,
  row,
  send,
  sideForm,
  thanks,
  words,
} from '../sketch/index.js';
import type { Starter } from './starter.js';

const after = (seconds: number) => ({
  triggers: { any: [{ type: 'delay', seconds } as const, { type: 'leave' } as const] },
});

const nextLetter = thanks('Thank you', 'You’re on the list. The next issue arrives in your inbox.');

export const gather: readonly Starter[] = [
  {
    id: 'letter-corner',
    purpose: 'gather',
    says: 'A signup in the corner, beside what people are reading.',
    sketch: () => ({
      name: 'Newsletter in the corner',
      kind: 'popup',
      placement: { type: 'corner', at: 'bottom-right', width: 380 },
      opening: [
        heading('One letter a month, worth opening'),
        words('New arrivals, dates and one good story. Nothing else.'),
        form([field('name', 'name', 'Your name'), email(), send('Subscribe'), notice()]),
      ],
      scenes: nextLetter,
      behaviour: after(12),
    }),
  },
  {
    id: 'letter-leaving',
    purpose: 'gather',
    says: 'A last invitation when a visitor is about to leave.',
    sketch: () => ({
      name: 'Before you go',
      kind: 'popup',
      placement: { type: 'centre', width: 460 },
      header: [
        dressed(
          icon('mail-open', { width: 64, background: '{color.on-accent}', radius: 32, self: 'center' }),
          {
            margin: [8, 0, -36, 0],
          },
        ),
      ],
      opening: [
        heading('Before you go', 2, { align: 'center', margin: [20, 0, 0, 0] }),
        words('Leave your e-mail and we’ll write when there’s something worth your time.', {
          align: 'center',
        }),
        form([
          { ...email(), labelHidden: true, placeholder: 'E-mail address' },
          send('Keep me posted'),
          dressed(notice(), { align: 'center' }),
        ]),
      ],
      scenes: nextLetter,
      style: {
        overlay: {
          header: { base: { background: '{color.accent}', padding: [20, 20, 0, 20] } },
          close: { base: { color: '{color.on-accent}' } },
        },
      },
      motion: {
        entrance: {
          kind: 'grow',
          from: 'bottom',
          strength: 0.2,
          duration: 260,
          delay: 0,
          easing: 'ease-out',
        },
      },
      behaviour: { triggers: { any: [{ type: 'leave' }] } },
    }),
  },
  {
    id: 'letter-side',
    purpose: 'gather',
    says: 'A side panel with room for what subscribers get.',
    sketch: () => ({
      name: 'What readers get',
      kind: 'popup',
      placement: { type: 'side', at: 'right', width: 420 },
      opening: [
        drawing('guide', 200),
        heading('Read more from us'),
        list(['One issue a month', 'A story you won’t read elsewhere', 'Early access to tickets']),
        form([field('name', 'name', 'Your name'), email(), send('Sign me up'), notice()]),
      ],
      scenes: nextLetter,
      style: { overlay: { box: { base: { padding: 40 } } } },
      behaviour: { triggers: { any: [{ type: 'scroll', share: 0.6 }] } },
    }),
  },
  {
    id: 'letter-inline',
    purpose: 'gather',
    says: 'A strip inside an article: one field, one button.',
    sketch: () => ({
      name: 'Newsletter below the article',
      kind: 'form',
      placement: { type: 'inline', width: 720 },
      opening: [
        heading('Was this worth reading?', 3),
        words('Get the next one by e-mail.'),
        sideForm([
          { ...email(), labelHidden: true, placeholder: 'E-mail address' },
          { ...send('Subscribe'), wide: false },
          notice(),
        ]),
      ],
      scenes: nextLetter,
    }),
  },
  {
    id: 'letter-cover',
    purpose: 'gather',
    says: 'A full-screen welcome with a single field.',
    sketch: () => ({
      name: 'Full-screen signup',
      kind: 'popup',
      placement: { type: 'cover', width: 560 },
      opening: [
        heading('Be first to see what we make next', 1, { align: 'center', fontSize: '{size.display}' }),
        words('New work before anyone else sees it. Twelve e-mails a year.', {
          align: 'center',
          fontSize: '{size.large}',
        }),
        form([
          { ...email(), labelHidden: true, placeholder: 'E-mail address' },
          dressed(send('Join the list'), { background: '{color.ground}', color: '{color.accent-strong}' }),
          dressed(notice(), { align: 'center', color: '{color.on-accent}' }),
        ]),
        dressed(
          { ...dismiss('Not now') },
          { self: 'center', color: '{color.on-accent}', borderColor: '{color.on-accent}' },
        ),
      ],
      scenes: nextLetter,
      style: {
        overlay: {
          box: {
            base: {
              background: '{color.accent-strong}',
              gradient: 'linear-gradient(160deg, {color.accent}, {color.accent-strong})',
              color: '{color.on-accent}',
            },
          },
          close: { base: { color: '{color.on-accent}' } },
        },
      },
      behaviour: after(20),
    }),
  },
  {
    id: 'letter-bar',
    purpose: 'gather',
    says: 'A bar at the bottom with a one-line signup.',
    sketch: () => ({
      name: 'Newsletter bar',
      kind: 'bar',
      placement: { type: 'bar', at: 'bottom', width: 960 },
      opening: [
        form([
          dressed(
            row([
              dressed(words('One e-mail a month. No noise.'), { fontWeight: 600, minWidth: 220 }),
              dressed({ ...email(), labelHidden: true, placeholder: 'E-mail address' }, { minWidth: 200 }),
              dressed({ ...send('Subscribe'), wide: false }, { share: 0 }),
            ]),
            { gap: '{space.3}' },
          ),
          notice('Used for the newsletter only. Unsubscribe at any time.'),
        ]),
      ],
      scenes: { thanks: [words('Thank you! The next issue is yours.', { align: 'center' })] },
      style: { overlay: { box: { base: { padding: [14, 56, 14, 24] } } } },
      behaviour: { triggers: { any: [{ type: 'scroll', share: 0.25 }] } },
    }),
  },
  {
    id: 'guide',
    purpose: 'gather',
    says: 'Offers a guide in exchange for an e-mail address.',
    sketch: () => ({
      name: 'Guide download',
      kind: 'popup',
      placement: { type: 'centre', width: 640 },
      opening: [
        dressed(
          row([
            dressed(column([drawing('download', 200)]), {
              background: '{color.soft}',
              padding: 40,
              radius: '{radius.box}',
              along: 'center',
              minWidth: 180,
            }),
            dressed(
              column([
                heading('Free: the short guide'),
                list(['Twelve pages', 'Pictures and a checklist', 'Straight to your inbox']),
                form([email(), send('Send me the guide', { icon: 'download' }), notice()]),
              ]),
              { share: 2, minWidth: 240 },
            ),
          ]),
          { gap: '{space.5}', across: 'stretch' },
        ),
      ],
      scenes: thanks('It’s on its way', 'Check your inbox in a minute or two.'),
      behaviour: { triggers: { any: [{ type: 'scroll', share: 0.5 }] } },
    }),
  },
  {
    id: 'welcome-offer',
    purpose: 'gather',
    says: 'A first-order discount in exchange for an e-mail address.',
    sketch: () => ({
      name: 'Welcome offer',
      kind: 'popup',
      placement: { type: 'centre', width: 440 },
      opening: [
        drawing('offer', 160),
        dressed(badge('New here?'), { self: 'center' }),
        heading('10% off your first order', 2, { align: 'center' }),
        words('Join our list and we’ll e-mail you the code right away.', { align: 'center' }),
        form([
          { ...email(), labelHidden: true, placeholder: 'E-mail address' },
          send('Get my code'),
          dressed(notice(), { align: 'center' }),
        ]),
        dressed({ ...dismiss('No thanks'), variant: 'text' }, { self: 'center' }),
      ],
      scenes: thanks('Check your inbox', 'Your code is on its way. It works for 30 days.'),
      behaviour: after(10),
    }),
  },
  {
    id: 'waitlist',
    purpose: 'gather',
    says: 'Collects addresses before something opens.',
    sketch: () => ({
      name: 'Waiting list',
      kind: 'form',
      placement: { type: 'inline', width: 560 },
      opening: [
        dressed(badge('Opening this spring'), { self: 'center' }),
        heading('Be the first through the door', 2, { align: 'center' }),
        words('Leave your e-mail and we’ll let you know the moment booking opens.', { align: 'center' }),
        sideForm([
          { ...email(), labelHidden: true, placeholder: 'E-mail address' },
          { ...send('Join the list'), wide: false },
          notice(),
        ]),
      ],
      scenes: thanks('You’re on the list', 'We’ll write once, on the day booking opens.'),
    }),
  },
  {
    id: 'webinar',
    purpose: 'gather',
    says: 'Registration for an online event, in a side panel.',
    sketch: () => ({
      name: 'Webinar registration',
      kind: 'popup',
      placement: { type: 'side', at: 'right', width: 420 },
      opening: [
        drawing('video', 180, { self: 'start' }),
        badge('Free online event'),
        heading('Behind the scenes, live'),
        words('Thursday at 7 p.m. Forty minutes, then your questions.'),
        list(['Ask the team anything', 'Recording sent afterwards', 'Free of charge'], 'circle-check'),
        form([
          field('name', 'name', 'Your name', { required: true }),
          email(),
          send('Save my seat'),
          notice(),
        ]),
      ],
      scenes: thanks('Your seat is saved', 'We’ve e-mailed you the link and a calendar entry.'),
      behaviour: { triggers: { any: [{ type: 'scroll', share: 0.5 }] } },
    }),
  },
];
