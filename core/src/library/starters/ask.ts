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

const answered = thanks('We’ve got your message', 'You’ll hear from us within a day.');
const question = field('long-text', 'message', 'Your message', { required: true });
const name = field('name', 'name', 'Your name', { required: true });

export const ask: readonly Starter[] = [
  {
    id: 'contact',
    purpose: 'ask',
    says: 'A simple contact form for any page.',
    sketch: () => ({
      name: 'Contact form',
      kind: 'form',
      placement: { type: 'inline', width: 640 },
      opening: [
        heading('Contact form'),
        words('We read every message and reply within a day.'),
        form([name, email(), question, { ...send('Send message'), wide: false }, notice()]),
      ],
      scenes: answered,
    }),
  },
  {
    id: 'contact-place',
    purpose: 'ask',
    says: 'A contact form beside your address.',
    sketch: () => ({
      name: 'Contact with map',
      kind: 'form',
      placement: { type: 'inline', width: 960 },
      opening: [
        dressed(
          row([
            dressed(
              column([
                heading('Contact with map'),
                form([name, email(), question, { ...send('Subscribe'), wide: false }, notice()]),
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
    says: 'A bubble that collects a number to call back.',
    sketch: () => ({
      name: 'Want us to call you?',
      kind: 'form',
      placement: { type: 'launcher', at: 'bottom-right', shape: 'bubble', width: 340 },
      opening: [
        heading('Want us to call you?', 3),
        words('Weekdays, 9 a.m. to 5 p.m.'),
        form([
          name,
          field('phone', 'phone', 'Phone', { required: true }),
          field('select', 'when', 'Best time', {
            options: ['Morning', 'Midday', 'Afternoon'],
          }),
          send('Call me', { icon: 'phone' }),
          notice(),
        ]),
      ],
      scenes: {
        ...thanks('We’ll call you', 'Look out for our number.'),
        teaser: [icon('phone', { width: 28 }, { color: '{color.on-accent}' })],
      },
    }),
  },
  {
    id: 'one-question',
    purpose: 'ask',
    says: 'A one-question survey, answered in a click.',
    sketch: () => ({
      name: 'One question',
      kind: 'form',
      placement: { type: 'corner', at: 'bottom-right', width: 340 },
      opening: [
        form([
          field('choice', 'found', 'How did you hear about us?', {
            required: true,
            options: ['From a friend', 'In the press', 'Search', 'Walked past'],
          }),
          send('Send answer'),
          notice('Anonymous: we store your answer only.'),
        ]),
      ],
      scenes: thanks('Thanks, that helps', 'Thank you.'),
      behaviour: { triggers: { any: [{ type: 'scroll', share: 0.7 }] } },
    }),
  },
  {
    id: 'how-was-it',
    purpose: 'ask',
    says: 'Asks what a visit or an order was like.',
    sketch: () => ({
      name: 'How was it?',
      kind: 'form',
      placement: { type: 'cover', width: 560 },
      opening: [
        heading('How was it?', 1),
        words('Three quick questions. It takes a minute.'),
        form([
          field('choice', 'again', 'Would you come back?', {
            required: true,
            options: ['Yes', 'Maybe', 'No'],
            style: { choices: { base: { choiceFlow: 'buttons' } } },
          }),
          field('choices', 'liked', 'What did you like?', {
            options: ['The people', 'The place', 'The food', 'The price'],
            style: { choices: { base: { choiceFlow: 'columns' } } },
          }),
          field('long-text', 'more', 'Anything else?'),
          { ...send('Send'), wide: false },
          notice('Your answers stay with us.'),
        ]),
      ],
      scenes: thanks('Thank you', 'We read every answer.'),
      style: { overlay: { box: { base: { background: '{color.soft}' } } } },
    }),
  },
  {
    id: 'recommend',
    purpose: 'ask',
    says: 'Asks how likely somebody is to recommend you.',
    sketch: () => ({
      name: 'Would you recommend us?',
      kind: 'popup',
      placement: { type: 'corner', at: 'bottom-right', width: 400 },
      opening: [
        form([
          field('choice', 'score', 'How likely are you to recommend us to a friend?', {
            options: ['0', '1', '2', '3', '4', '5', '6', '7', '8', '9', '10'],
            required: true,
            hint: '0 is not at all, 10 is extremely likely.',
            style: { choices: { base: { choiceFlow: 'buttons' } } },
          }),
          send('Send'),
          notice('Anonymous: we store your answer only.'),
        ]),
      ],
      scenes: thanks('Thank you', 'Your answer helps us improve.'),
      behaviour: {
        triggers: { any: [{ type: 'delay', seconds: 30 }] },
        frequency: { per: 'days', days: 90 },
      },
    }),
  },
  {
    id: 'report-problem',
    purpose: 'ask',
    says: 'A bubble through which visitors report what does not work.',
    sketch: () => ({
      name: 'Report a problem',
      kind: 'form',
      placement: { type: 'launcher', at: 'bottom-left', shape: 'tab', width: 340 },
      opening: [
        heading('Something not working?', 3),
        words('Tell us what you tried to do. We read every report.'),
        form([
          field('long-text', 'problem', 'What happened?', { required: true }),
          { ...email('E-mail, if you’d like a reply'), required: false },
          send('Send report'),
          notice(),
        ]),
      ],
      scenes: {
        ...thanks('Thanks for telling us', 'We’ll look into it.'),
        teaser: [words('Feedback', { color: '{color.on-accent}', fontWeight: 600 })],
      },
    }),
  },
];
