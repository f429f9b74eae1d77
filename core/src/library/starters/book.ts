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
  row,
  send,
  thanks,
  words,
} from '../sketch/index.js';
import type { Starter } from './starter.js';

const asked = thanks('Request received', 'We’ll confirm by e-mail within a day.');

export const book: readonly Starter[] = [
  {
    id: 'table',
    purpose: 'book',
    says: 'A table request, in the centre of the window.',
    sketch: () => ({
      name: 'Book a table',
      kind: 'form',
      placement: { type: 'centre', width: 480 },
      opening: [
        heading('Book a table'),
        form([
          field('text', 'day', 'Date and time', {
            required: true,
            placeholder: 'Friday, 7.30 p.m.',
          }),
          field('number', 'people', 'Number of guests', { required: true }),
          field('name', 'name', 'Your name', { required: true }),
          email(),
          send('Request a table'),
          notice(),
        ]),
      ],
      scenes: asked,
    }),
  },
  {
    id: 'group',
    purpose: 'book',
    says: 'Groups and schools request a day of their own.',
    sketch: () => ({
      name: 'Group booking',
      kind: 'form',
      placement: { type: 'inline', width: 760 },
      opening: [
        heading('Group booking'),
        form([
          row([
            dressed(
              field('select', 'kind', 'Who’s coming', { options: ['A school', 'A society', 'A company'] }),
              {
                minWidth: 180,
              },
            ),
            dressed(field('number', 'people', 'Number of people', { required: true }), { minWidth: 180 }),
          ]),
          field('choices', 'wishes', 'What would you like?', {
            options: ['Talk', 'Guided tour', 'Catering', 'Workshop'],
            style: { choices: { base: { choiceFlow: 'columns' } } },
          }),
          row([
            dressed(field('name', 'name', 'Your name', { required: true }), { minWidth: 180 }),
            dressed(email(), { minWidth: 180 }),
          ]),
          { ...send('Request a date'), wide: false },
          notice(),
        ]),
      ],
      scenes: asked,
    }),
  },
  {
    id: 'visit-card',
    purpose: 'book',
    says: 'Leads to tickets, with what to expect.',
    sketch: () => ({
      name: 'Plan your visit',
      kind: 'cta',
      placement: { type: 'inline', width: 860 },
      opening: [
        dressed(
          row([
            dressed(
              column([
                heading('Plan your visit'),
                words('Two hours, a warm room and an expert guide.'),
                link('See dates and tickets', '/events', { icon: 'ticket' }),
              ]),
              { minWidth: 240, share: 3 },
            ),
            dressed(list(['From age eight', 'Whatever the weather', 'Ten minutes from the station']), {
              minWidth: 200,
              share: 2,
            }),
          ]),
          { gap: '{space.6}', across: 'center' },
        ),
      ],
    }),
  },
  {
    id: 'appointment',
    purpose: 'book',
    says: 'A bubble that requests an appointment.',
    sketch: () => ({
      name: 'Book an appointment',
      kind: 'form',
      placement: { type: 'launcher', at: 'bottom-right', shape: 'bubble', width: 360 },
      opening: [
        heading('Book an appointment', 3),
        form([
          field('select', 'service', 'What’s it about?', {
            options: ['First consultation', 'Follow-up', 'Something else'],
            required: true,
          }),
          field('text', 'when', 'Preferred day and time', { placeholder: 'Tuesday, after 4 p.m.' }),
          field('name', 'name', 'Your name', { required: true }),
          email(),
          send('Request appointment'),
          notice(),
        ]),
      ],
      scenes: {
        ...asked,
        teaser: [icon('calendar', { width: 28 }, { width: 28, color: '{color.on-accent}' })],
      },
    }),
  },
  {
    id: 'viewing',
    purpose: 'book',
    says: 'Arranges a viewing or a tour in a side panel.',
    sketch: () => ({
      name: 'Arrange a viewing',
      kind: 'popup',
      placement: { type: 'side', at: 'right', width: 420 },
      opening: [
        heading('See it for yourself'),
        words('Tell us when suits you, and we’ll show you around. It takes about half an hour.'),
        form([
          field('choices', 'days', 'Which days suit you?', {
            options: ['Weekday mornings', 'Weekday afternoons', 'Saturday'],
            style: { choices: { base: { choiceFlow: 'buttons' } } },
          }),
          field('name', 'name', 'Your name', { required: true }),
          email(),
          field('phone', 'phone', 'Phone'),
          send('Arrange a viewing'),
          notice(),
        ]),
      ],
      scenes: asked,
      behaviour: { triggers: { any: [{ type: 'scroll', share: 0.5 }] } },
    }),
  },
];
