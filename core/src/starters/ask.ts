import {
  column,
  dressed,
  email,
  field,
  form,
  heading,
  icon,
  notice,
  row,
  send,
  thanks,
  words,
} from '../sketch/index.js';
import type { Starter } from './starter.js';

const answered = thanks('Your question is with us', 'We answer within a day.');
const question = field('long-text', 'message', 'Your question', { required: true });
const name = field('name', 'name', 'Your name', { required: true });

export const ask: readonly Starter[] = [
  {
    id: 'contact',
    purpose: 'ask',
    says: 'A plain contact form for a page.',
    sketch: () => ({
      name: 'Ask us',
      kind: 'form',
      placement: { type: 'inline', width: 640 },
      opening: [
        heading('Ask us'),
        words('We read every question and answer within a day.'),
        form([name, email(), question, { ...send('Send the question'), wide: false }, notice()]),
      ],
      scenes: answered,
    }),
  },
  {
    id: 'contact-place',
    purpose: 'ask',
    says: 'A contact form beside the place where you are found.',
    sketch: () => ({
      name: 'Write or come by',
      kind: 'form',
      placement: { type: 'inline', width: 960 },
      opening: [
        dressed(
          row([
            dressed(
              column([
                heading('Write or come by'),
                form([name, email(), question, { ...send('Send it'), wide: false }, notice()]),
              ]),
              { minWidth: 260, share: 3 },
            ),
            dressed(
              column([
                {
                  type: 'map',
                  place: 'The workshop',
                  lines: '4 Mill Lane\nOpen Tuesday to Saturday',
                  link: '/visit',
                  words: 'How to get there',
                },
              ]),
              { minWidth: 220, share: 2 },
            ),
          ]),
          { gap: '{space.6}', across: 'start' },
        ),
      ],
      scenes: answered,
    }),
  },
  {
    id: 'call-back',
    purpose: 'ask',
    says: 'A bubble that takes a number to call back.',
    sketch: () => ({
      name: 'Shall we call you?',
      kind: 'form',
      placement: { type: 'launcher', at: 'bottom-right', shape: 'bubble', width: 340 },
      opening: [
        heading('Shall we call you?', 3),
        words('On weekdays between nine and five.'),
        form([
          name,
          field('phone', 'phone', 'Telephone', { required: true }),
          field('select', 'when', 'Best time', {
            options: ['In the morning', 'At noon', 'In the afternoon'],
          }),
          send('Call me', { icon: 'phone' }),
          notice(),
        ]),
      ],
      scenes: {
        ...thanks('We will call', 'From our own number.'),
        teaser: [icon('phone', { width: 28 }, { color: '{color.on-accent}' })],
      },
    }),
  },
  {
    id: 'one-question',
    purpose: 'ask',
    says: 'One question in the corner, answered by one click.',
    sketch: () => ({
      name: 'One question',
      kind: 'form',
      placement: { type: 'corner', at: 'bottom-right', width: 340 },
      opening: [
        form([
          field('choice', 'found', 'How did you hear of us?', {
            required: true,
            options: ['From a friend', 'In a paper', 'By searching', 'I walked past'],
          }),
          send('Say it'),
          notice('Your answer alone is kept, nothing of you.'),
        ]),
      ],
      scenes: thanks('Good to know', 'Thank you.'),
      behaviour: { triggers: { any: [{ type: 'scroll', share: 0.7 }] } },
    }),
  },
  {
    id: 'how-was-it',
    purpose: 'ask',
    says: 'Asks what an evening or an order was like.',
    sketch: () => ({
      name: 'How was it?',
      kind: 'form',
      placement: { type: 'cover', width: 560 },
      opening: [
        heading('How was it?', 1),
        words('Three short questions. It takes a minute.'),
        form([
          field('choice', 'again', 'Would you come again?', {
            required: true,
            options: ['Yes', 'Perhaps', 'No'],
            style: { choices: { base: { choiceFlow: 'buttons' } } },
          }),
          field('choices', 'liked', 'What did you like?', {
            options: ['The people', 'The place', 'The food', 'The price'],
            style: { choices: { base: { choiceFlow: 'columns' } } },
          }),
          field('long-text', 'more', 'Anything else?'),
          { ...send('Send'), wide: false },
          notice('What you write stays with us.'),
        ]),
      ],
      scenes: thanks('Thank you', 'We read every line.'),
      style: { overlay: { box: { base: { background: '{color.soft}' } } } },
    }),
  },
];
