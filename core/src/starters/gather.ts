import {
  column,
  dismiss,
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
  thanks,
  words,
} from '../sketch/index.js';
import type { Starter } from './starter.js';

const after = (seconds: number) => ({
  triggers: { any: [{ type: 'delay', seconds } as const, { type: 'leave' } as const] },
});

const nextLetter = thanks('Thank you', 'The next letter comes to the address you gave.');

export const gather: readonly Starter[] = [
  {
    id: 'letter-corner',
    purpose: 'gather',
    says: 'Asks readers for their address, beside what they read.',
    sketch: () => ({
      name: 'Letter in the corner',
      kind: 'popup',
      placement: { type: 'corner', at: 'bottom-right', width: 380 },
      opening: [
        heading('One good letter a month'),
        words('What is new, what is on, and one story. No more than that.'),
        form([field('name', 'name', 'Your name'), email(), send('Send me the letter'), notice()]),
      ],
      scenes: nextLetter,
      behaviour: after(12),
    }),
  },
  {
    id: 'letter-leaving',
    purpose: 'gather',
    says: 'Comes in the middle when a visitor is about to leave.',
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
        words('Leave an address, and we write when there is something worth your time.', { align: 'center' }),
        form([
          { ...email(), labelHidden: true, placeholder: 'E-mail address' },
          send('Write to me'),
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
    says: 'A panel at the side with room for what readers get.',
    sketch: () => ({
      name: 'What readers get',
      kind: 'popup',
      placement: { type: 'side', at: 'right', width: 420 },
      opening: [
        icon('book-open', { width: 56, background: '{color.soft}', radius: 28 }),
        heading('Read more of us'),
        list(['One letter a month', 'A story nobody else has', 'First choice of tickets']),
        form([field('name', 'name', 'Your name'), email(), send('Start reading'), notice()]),
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
      name: 'Letter below the article',
      kind: 'form',
      placement: { type: 'inline', width: 720 },
      opening: [
        heading('Was this worth reading?', 3),
        words('The next one comes by letter.'),
        form([
          row([
            dressed(
              { ...email(), labelHidden: true, placeholder: 'E-mail address' },
              { share: 1, minWidth: 200 },
            ),
            dressed({ ...send('Send me the next'), wide: false }, { share: 0 }),
          ]),
          notice(),
        ]),
      ],
      scenes: nextLetter,
    }),
  },
  {
    id: 'letter-cover',
    purpose: 'gather',
    says: 'Over the whole window, for a site that opens with one question.',
    sketch: () => ({
      name: 'A letter, over everything',
      kind: 'popup',
      placement: { type: 'cover', width: 560 },
      opening: [
        heading('Stay close to what we make', 1, { align: 'center', fontSize: '{size.display}' }),
        words('New work first, and nothing else. Twelve letters a year.', {
          align: 'center',
          fontSize: '{size.large}',
        }),
        form([
          { ...email(), labelHidden: true, placeholder: 'E-mail address' },
          dressed(send('Join the letter'), { background: '{color.ground}', color: '{color.accent-strong}' }),
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
              dressed(words('A letter a month, and nothing else.'), { fontWeight: 600, minWidth: 220 }),
              dressed({ ...email(), labelHidden: true, placeholder: 'E-mail address' }, { minWidth: 200 }),
              dressed({ ...send('Send it'), wide: false }, { share: 0 }),
            ]),
            { gap: '{space.3}' },
          ),
          notice('For the letter alone. You can take it back at any time.'),
        ]),
      ],
      scenes: { thanks: [words('Thank you. The next letter comes to you.', { align: 'center' })] },
      style: { overlay: { box: { base: { padding: [14, 56, 14, 24] } } } },
      behaviour: { triggers: { any: [{ type: 'scroll', share: 0.25 }] } },
    }),
  },
  {
    id: 'guide',
    purpose: 'gather',
    says: 'Gives something to read in return for an address.',
    sketch: () => ({
      name: 'A guide for an address',
      kind: 'popup',
      placement: { type: 'centre', width: 640 },
      opening: [
        dressed(
          row([
            dressed(
              column([
                icon(
                  'file-text',
                  { width: 112, background: '{color.ground}', radius: '{radius.box}', self: 'center' },
                  { width: 56 },
                ),
              ]),
              {
                background: '{color.soft}',
                padding: 40,
                radius: '{radius.box}',
                along: 'center',
                minWidth: 180,
              },
            ),
            dressed(
              column([
                heading('The short guide'),
                list(['Twelve pages', 'Pictures and a checklist', 'Comes at once, by mail']),
                form([email(), send('Send me the guide', { icon: 'download' }), notice()]),
              ]),
              { share: 2, minWidth: 240 },
            ),
          ]),
          { gap: '{space.5}', across: 'stretch' },
        ),
      ],
      scenes: thanks('It is on its way', 'Look into your mail in a minute or two.'),
      behaviour: { triggers: { any: [{ type: 'scroll', share: 0.5 }] } },
    }),
  },
];
