import {
  badge,
  column,
  countdown,
  dismiss,
  dressed,
  heading,
  icon,
  link,
  row,
  words,
  type Sketch,
  type WidgetSketch,
} from '../sketch/index.js';
import type { Values } from '../style/index.js';
import { eveningIn, type Starter } from './starter.js';

const plan = (
  name: string,
  amount: number,
  features: readonly string[],
  more: Record<string, unknown> = {},
): Sketch => ({
  type: 'plan',
  name,
  amount,
  features,
  address: '/prices',
  ...more,
});

const marked = { box: { base: { borderColor: '{color.accent}', borderWidth: 2 } } };

const barBox: Values = {
  gradient: 'linear-gradient(90deg, {color.accent-strong}, {color.accent})',
  background: '{color.accent-strong}',
  color: '{color.on-accent}',
  padding: [12, 56, 12, 24],
};

const onBar = { close: { base: { color: '{color.on-accent}' } } };
const overBar: Values = {
  background: '{color.on-accent}',
  color: '{color.accent-strong}',
  padding: [6, 16, 6, 16],
};

// A basket is opened by its link, whenever that is pressed.
const asked: WidgetSketch['behaviour'] = {
  triggers: { any: [{ type: 'asked' }] },
  frequency: { per: 'page' },
  returning: { afterClosing: 0, afterSubmitting: 0 },
};

export const sell: readonly Starter[] = [
  {
    id: 'plans-three',
    purpose: 'sell',
    says: 'Three plans side by side whose rows line up.',
    sketch: () => ({
      name: 'Three plans',
      kind: 'cta',
      placement: { type: 'inline', width: 1080 },
      opening: [
        heading('Choose what fits', 2, { align: 'center' }),
        {
          type: 'plans',
          inside: [
            plan('Small', 6, ['One person', 'All of the archive'], {
              subtitle: 'To begin with',
              button: 'Take small',
            }),
            plan('Middle', 12, ['Two people', 'All of the archive', 'Two guests a year'], {
              subtitle: 'What most choose',
              badge: 'Most chosen',
              button: 'Take middle',
              style: marked,
            }),
            plan(
              'Large',
              24,
              ['Five people', 'All of the archive', 'Guests whenever you like', 'An evening with us'],
              {
                subtitle: 'For households and schools',
                button: 'Take large',
              },
            ),
          ],
        },
      ],
    }),
  },
  {
    id: 'plans-old-price',
    purpose: 'sell',
    says: 'Two plans, each with what it cost before.',
    sketch: () => ({
      name: 'Month or year',
      kind: 'cta',
      placement: { type: 'inline', width: 760 },
      opening: [
        {
          type: 'plans',
          inside: [
            plan('By the month', 9, ['Stop at the end of any month'], {
              icon: 'calendar',
              button: 'By the month',
            }),
            plan('By the year', 90, ['Two months are free', 'One card to lend'], {
              icon: 'calendar-days',
              old: 108,
              period: 'a year',
              button: 'By the year',
              style: marked,
            }),
          ],
        },
      ],
    }),
  },
  {
    id: 'offer-ends',
    purpose: 'sell',
    says: 'An offer with the time that is left for it.',
    sketch: (time) => ({
      name: 'Offer that ends',
      kind: 'countdown',
      placement: { type: 'centre', width: 480 },
      opening: [
        dressed(badge('Ends soon'), { self: 'center' }),
        heading('A tenth less, for a few days', 2, { align: 'center' }),
        dressed(countdown(eveningIn(5, time), { zone: time.zone }), { along: 'center' }),
        words('It comes off by itself at the till.', { align: 'center', color: '{color.quiet}' }),
        { ...link('Look around', '/shop'), wide: true },
        dressed(dismiss('Not today'), { self: 'center', borderWidth: 0 }),
      ],
      scenes: {
        expired: [
          heading('This offer has ended', 2, { align: 'center' }),
          words('See what else is new in the shop.', { align: 'center', color: '{color.quiet}' }),
          { ...link('Visit the shop', '/shop'), wide: true },
        ],
      },
      behaviour: { triggers: { any: [{ type: 'delay', seconds: 15 }] } },
    }),
  },
  {
    id: 'offer-bar',
    purpose: 'sell',
    says: 'A bar with an offer and a button.',
    sketch: () => ({
      name: 'Offer in a bar',
      kind: 'bar',
      placement: { type: 'bar', at: 'top', push: true, width: 1040 },
      opening: [
        dressed(
          row([
            dressed(icon('tag', { width: 24 }, { width: 22, color: '{color.on-accent}' }), { share: 0 }),
            dressed(words('Everything for winter costs a tenth less until Sunday.'), { share: 0 }),
            dressed(link('Look at it', '/shop'), { ...overBar, share: 0 }),
          ]),
          { along: 'center', gap: '{space.3}' },
        ),
      ],
      style: { overlay: { box: { base: barBox }, ...onBar } },
    }),
  },
  {
    id: 'delivery-bar',
    purpose: 'sell',
    says: 'Says in one line what the post costs.',
    sketch: () => ({
      name: 'Delivery in a bar',
      kind: 'bar',
      placement: { type: 'bar', at: 'top', push: true, width: 1040 },
      opening: [
        dressed(
          row([
            dressed(icon('truck', { width: 24 }, { width: 22 }), { share: 0 }),
            dressed(words('We carry the postage from 40 € up.'), { share: 0, fontWeight: 600 }),
          ]),
          { along: 'center', gap: '{space.3}' },
        ),
      ],
      style: { overlay: { box: { base: { background: '{color.soft}', padding: [10, 56, 10, 24] } } } },
    }),
  },
  {
    id: 'basket-dropped',
    purpose: 'sell',
    says: 'The contents of the basket, anchored to the basket link.',
    sketch: () => ({
      name: 'Basket below its link',
      kind: 'cta',
      placement: { type: 'anchored', to: 'a[href*="basket"]', at: 'below', align: 'end', width: 380 },
      opening: [heading('Your basket', 3), { type: 'basket' }],
      behaviour: asked,
      scenes: {
        empty: [
          dressed(icon('shopping-basket', { width: 56, background: '{color.soft}', radius: 28 }), {
            self: 'center',
          }),
          words('Nothing in it yet.', { align: 'center' }),
          dressed(link('Look around', '/shop'), { self: 'center' }),
        ],
        error: [
          heading('We can’t reach the basket', 3),
          words('What you chose is kept. Load the page again in a moment.'),
        ],
      },
    }),
  },
  {
    id: 'basket-side',
    purpose: 'sell',
    says: 'The basket as a panel as high as the window.',
    sketch: () => ({
      name: 'Basket at the side',
      kind: 'cta',
      placement: { type: 'side', at: 'right', width: 420 },
      opening: [{ type: 'basket' }],
      behaviour: asked,
      header: [heading('Your basket', 2, { fontSize: '{size.large}' })],
      scenes: {
        empty: [
          words('Nothing in it yet.', { align: 'center', margin: [60, 0, 0, 0] }),
          dressed(link('Look around', '/shop'), { self: 'center' }),
        ],
        error: [words('We can’t reach the basket. What you chose is kept; load the page again in a moment.')],
      },
      style: { overlay: { header: { base: { background: '{color.soft}' } } } },
    }),
  },
  {
    id: 'piece-of-the-month',
    purpose: 'sell',
    says: 'One thing worth a look, with what buyers say of it.',
    sketch: () => ({
      name: 'Piece of the month',
      kind: 'cta',
      placement: { type: 'inline', width: 760 },
      opening: [
        dressed(
          row([
            dressed(
              column([icon('gem', { width: 96, self: 'center' }, { width: 72, color: '{color.on-accent}' })]),
              {
                gradient: 'radial-gradient({color.accent}, {color.accent-strong})',
                background: '{color.accent-strong}',
                radius: '{radius.box}',
                padding: 48,
                along: 'center',
                minWidth: 200,
              },
            ),
            dressed(
              column([
                badge('This month'),
                heading('The piece everyone asks for', 3),
                { type: 'rating', value: 4.7, of: 5, words: '4.7 of 5, from 212 buyers' },
                words('Made by hand, a few at a time. There is one kept for you until Friday.'),
                link('See it', '/shop', { icon: 'arrow-right', iconAt: 'after' }),
              ]),
              { gap: '{space.3}', minWidth: 240 },
            ),
          ]),
          { gap: '{space.5}', across: 'stretch' },
        ),
      ],
    }),
  },
];
