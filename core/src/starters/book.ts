import {
  column,
  dressed,
  email,
  field,
  form,
  heading,
  link,
  list,
  notice,
  row,
  send,
  thanks,
  words,
} from '../sketch/index.js';
import type { Starter } from './starter.js';

const asked = thanks('Your wish is with us', 'We write within a day whether it can be done.');

export const book: readonly Starter[] = [
  {
    id: 'table',
    purpose: 'book',
    says: 'Asks for a table or a place, in the middle of the page.',
    sketch: () => ({
      name: 'Keep a table',
      kind: 'form',
      placement: { type: 'centre', width: 480 },
      opening: [
        heading('Keep a table'),
        form([
          field('text', 'day', 'Which day, and when', {
            required: true,
            placeholder: 'Friday, half past seven',
          }),
          field('number', 'people', 'How many of you', { required: true }),
          field('name', 'name', 'Your name', { required: true }),
          email(),
          send('Ask for it'),
          notice(),
        ]),
      ],
      scenes: asked,
    }),
  },
  {
    id: 'group',
    purpose: 'book',
    says: 'Groups and schools ask for a day of their own.',
    sketch: () => ({
      name: 'A day for your group',
      kind: 'form',
      placement: { type: 'inline', width: 760 },
      opening: [
        heading('A day for your group'),
        form([
          row([
            dressed(field('select', 'kind', 'Who comes', { options: ['A school', 'A club', 'A firm'] }), {
              minWidth: 180,
            }),
            dressed(field('number', 'people', 'How many', { required: true }), { minWidth: 180 }),
          ]),
          field('choices', 'wishes', 'What would you like', {
            options: ['A talk', 'A walk', 'Something to eat', 'Time to try things'],
            style: { choices: { base: { choiceFlow: 'columns' } } },
          }),
          row([
            dressed(field('name', 'name', 'Your name', { required: true }), { minWidth: 180 }),
            dressed(email(), { minWidth: 180 }),
          ]),
          { ...send('Ask for a day'), wide: false },
          notice(),
        ]),
      ],
      scenes: asked,
    }),
  },
  {
    id: 'visit-card',
    purpose: 'book',
    says: 'Leads to the tickets, with what a visit is like.',
    sketch: () => ({
      name: 'Come and see',
      kind: 'cta',
      placement: { type: 'inline', width: 860 },
      opening: [
        dressed(
          row([
            dressed(
              column([
                heading('Come and see'),
                words('Two hours, a warm room, and somebody who knows.'),
                link('See the dates', '/events', { icon: 'ticket' }),
              ]),
              { minWidth: 240, share: 3 },
            ),
            dressed(list(['From eight years on', 'Dry in all weathers', 'Ten minutes from the station']), {
              minWidth: 200,
              share: 2,
            }),
          ]),
          { gap: '{space.6}', across: 'center' },
        ),
      ],
    }),
  },
];
