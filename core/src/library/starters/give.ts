import {
  drawing,
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
  words,
} from '../sketch/index.js';
import type { Starter } from './starter.js';

export const give: readonly Starter[] = [
  {
    id: 'gift',
    purpose: 'give',
    says: 'Asks for a donation, with what each amount does.',
    sketch: () => ({
      name: 'Donation form',
      kind: 'form',
      placement: { type: 'inline', width: 640 },
      opening: [
        heading('Keep the lights on'),
        form([
          { type: 'amounts' },
          field('name', 'name', 'Your name', { required: true }),
          email(),
          send('Donate', { icon: 'heart' }),
          notice(),
        ]),
      ],
      scenes: thanks('Thank you', 'We’ve e-mailed you the details.'),
    }),
  },
  {
    id: 'gift-bar',
    purpose: 'give',
    says: 'A bar that leads to the donation page.',
    sketch: () => ({
      name: 'Donation bar',
      kind: 'bar',
      placement: { type: 'bar', at: 'bottom', width: 1040 },
      opening: [
        dressed(
          row([
            dressed(icon('heart', { width: 28 }, { width: 24 }), { share: 0 }),
            dressed(words('The new roof is two-thirds funded. Help us finish it.'), { share: 0 }),
            dressed(link('Donate', '/donate'), { share: 0, padding: [8, 18, 8, 18] }),
          ]),
          { along: 'center', gap: '{space.3}' },
        ),
      ],
      style: { overlay: { box: { base: { padding: [12, 56, 12, 24] } } } },
      behaviour: { triggers: { any: [{ type: 'scroll', share: 0.3 }] } },
    }),
  },
  {
    id: 'volunteer',
    purpose: 'give',
    says: 'Finds people who give their time.',
    sketch: () => ({
      name: 'Volunteer with us',
      kind: 'form',
      placement: { type: 'inline', width: 640 },
      opening: [
        drawing('members', 200, { self: 'start' }),
        heading('Lend a hand'),
        words('An hour a month makes a difference. Tell us what you enjoy, and we’ll find the right spot.'),
        form([
          field('choices', 'help', 'I’d like to help with', {
            options: ['Events', 'Repairs', 'Baking', 'Words and pictures'],
            style: { choices: { base: { choiceFlow: 'buttons' } } },
          }),
          field('name', 'name', 'Your name', { required: true }),
          email(),
          { ...send('Count me in'), wide: false },
          notice(),
        ]),
      ],
      scenes: thanks('Welcome aboard', 'We’ll be in touch within a week.'),
    }),
  },
];
