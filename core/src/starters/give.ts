import {
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
    says: 'Asks for a gift, with what each amount does.',
    sketch: () => ({
      name: 'A gift',
      kind: 'form',
      placement: { type: 'inline', width: 640 },
      opening: [
        heading('Keep the lights on'),
        form([
          { type: 'amounts' },
          field('name', 'name', 'Your name', { required: true }),
          email(),
          send('Give', { icon: 'heart' }),
          notice(),
        ]),
      ],
      scenes: thanks('Thank you', 'A letter with the details comes to your address.'),
    }),
  },
  {
    id: 'gift-bar',
    purpose: 'give',
    says: 'A bar that leads to the page for gifts.',
    sketch: () => ({
      name: 'Gifts in a bar',
      kind: 'bar',
      placement: { type: 'bar', at: 'bottom', width: 1040 },
      opening: [
        dressed(
          row([
            dressed(icon('heart', { width: 28 }, { width: 24 }), { share: 0 }),
            dressed(words('The roof is paid to two thirds. A few euros more, and it holds.'), { share: 0 }),
            dressed(link('Help with it', '/donate'), { share: 0, padding: [8, 18, 8, 18] }),
          ]),
          { along: 'center', gap: '{space.3}' },
        ),
      ],
      style: { overlay: { box: { base: { padding: [12, 56, 12, 24] } } } },
      behaviour: { triggers: { any: [{ type: 'scroll', share: 0.3 }] } },
    }),
  },
];
