import {
  badge,
  column,
  countdown,
  dismiss,
  drawing,
  dressed,
  heading,
  icon,
  link,
  row,
  type Sketch,
  type WidgetSketch,
  words,
} from '../sketch/index.js';
import type { Values } from '../../style/index.js';
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
        heading('Choose your plan', 2, { align: 'center' }),
        {
          type: 'plans',
          inside: [
            plan('Small', 6, ['One person', 'The whole archive'], {
              subtitle: 'To get started',
              button: 'Choose Small',
            }),
            plan('Middle', 12, ['Two people', 'The whole archive', 'Two guests a year'], {
              subtitle: 'Our most popular plan',
              badge: 'Most popular',
              button: 'Choose Medium',
              style: marked,
            }),
            plan(
              'Large',
              24,
              ['Five people', 'The whole archive', 'Unlimited guests', 'An evening with us'],
              {
                subtitle: 'For households and schools',
                button: 'Choose Large',
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
    says: 'Two plans, each with its original price.',
    sketch: () => ({
      name: 'Monthly or yearly',
      kind: 'cta',
      placement: { type: 'inline', width: 760 },
      opening: [
        {
          type: 'plans',
          inside: [
            plan('Monthly', 9, ['Cancel any month'], {
              icon: 'calendar',
              button: 'Monthly',
            }),
            plan('Yearly', 90, ['Two months free', 'One card to share'], {
              icon: 'calendar-days',
              old: 108,
              period: 'a year',
              button: 'Yearly',
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
    says: 'An offer with a countdown to its end.',
    sketch: (time) => ({
      name: 'Limited-time offer',
      kind: 'countdown',
      placement: { type: 'centre', width: 480 },
      opening: [
        drawing('deadline', 170),
        dressed(badge('Ends soon'), { self: 'center' }),
        heading('10% off, this week only', 2, { align: 'center' }),
        dressed(countdown(eveningIn(5, time), { zone: time.zone }), { along: 'center' }),
        words('Applied automatically at checkout.', { align: 'center', color: '{color.quiet}' }),
        { ...link('Browse the shop', '/shop'), wide: true },
        dressed(dismiss('No thanks'), { self: 'center', borderWidth: 0 }),
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
      name: 'Offer bar',
      kind: 'bar',
      placement: { type: 'bar', at: 'top', push: true, width: 1040 },
      opening: [
        dressed(
          row([
            dressed(icon('tag', { width: 24 }, { width: 22, color: '{color.on-accent}' }), { share: 0 }),
            dressed(words('10% off everything for winter, until Sunday.'), { share: 0 }),
            dressed(link('Shop now', '/shop'), { ...overBar, share: 0 }),
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
    says: 'Says in one line when shipping is free.',
    sketch: () => ({
      name: 'Shipping bar',
      kind: 'bar',
      placement: { type: 'bar', at: 'top', push: true, width: 1040 },
      opening: [
        dressed(
          row([
            dressed(icon('truck', { width: 24 }, { width: 22 }), { share: 0 }),
            dressed(words('Free shipping on orders over €40.'), { share: 0, fontWeight: 600 }),
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
      name: 'Basket drop-down',
      kind: 'cta',
      placement: { type: 'anchored', to: 'a[href*="basket"]', at: 'below', align: 'end', width: 380 },
      opening: [heading('Your basket', 3), { type: 'basket' }],
      behaviour: asked,
      scenes: {
        empty: [
          drawing('empty', 160),
          words('Your basket is empty.', { align: 'center' }),
          dressed(link('Browse the shop', '/shop'), { self: 'center' }),
        ],
        error: [
          heading('We can’t load your basket', 3),
          words('Your items are safe. Reload the page in a moment.'),
        ],
      },
    }),
  },
  {
    id: 'basket-side',
    purpose: 'sell',
    says: 'The basket as a full-height side panel.',
    sketch: () => ({
      name: 'Basket side panel',
      kind: 'cta',
      placement: { type: 'side', at: 'right', width: 420 },
      opening: [{ type: 'basket' }],
      behaviour: asked,
      header: [heading('Your basket', 2, { fontSize: '{size.large}' })],
      scenes: {
        empty: [
          words('Your basket is empty.', { align: 'center', margin: [60, 0, 0, 0] }),
          dressed(link('Browse the shop', '/shop'), { self: 'center' }),
        ],
        error: [words('We can’t load your basket. Your items are safe; reload the page in a moment.')],
      },
      style: { overlay: { header: { base: { background: '{color.soft}' } } } },
    }),
  },
  {
    id: 'piece-of-the-month',
    purpose: 'sell',
    says: 'One product in the spotlight, with its reviews.',
    sketch: () => ({
      name: 'Product of the month',
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
                heading('The one everyone asks about', 3),
                { type: 'rating', value: 4.7, of: 5, words: '4.7 out of 5, from 212 reviews' },
                words('Made by hand in small batches. This month’s are almost gone.'),
                link('View product', '/shop', { icon: 'arrow-right', iconAt: 'after' }),
              ]),
              { gap: '{space.3}', minWidth: 240 },
            ),
          ]),
          { gap: '{space.5}', across: 'stretch' },
        ),
      ],
    }),
  },
  {
    id: 'basket-waiting',
    purpose: 'sell',
    says: 'Reminds a leaving visitor of what is in the basket.',
    sketch: () => ({
      name: 'Your basket is waiting',
      kind: 'popup',
      placement: { type: 'centre', width: 440 },
      opening: [
        drawing('basket', 180),
        heading('Before you go', 2, { align: 'center' }),
        words('Your basket is saved, and shipping is free on orders over €40.', { align: 'center' }),
        link('Go to checkout', '/checkout'),
        dressed({ ...dismiss('Keep looking'), variant: 'text' }, { self: 'center' }),
      ],
      behaviour: { triggers: { any: [{ type: 'leave' }] } },
    }),
  },
  {
    id: 'flash-sale',
    purpose: 'sell',
    says: 'A one-day sale that counts down in a bar.',
    sketch: (time) => ({
      name: 'Flash sale bar',
      kind: 'countdown',
      placement: { type: 'bar', at: 'bottom', width: 1040 },
      opening: [
        dressed(
          row([
            dressed(words('Today only: 25% off all prints'), { share: 0, fontWeight: 600 }),
            dressed(countdown(eveningIn(1, time), { zone: time.zone, design: 'line' }), { share: 0 }),
            dressed(link('Shop the sale', '/shop'), { ...overBar, share: 0 }),
          ]),
          { along: 'center', across: 'center', gap: '{space.4}' },
        ),
      ],
      scenes: { expired: [words('The sale has ended. Thanks for stopping by!', { align: 'center' })] },
      style: {
        overlay: { box: { base: barBox }, ...onBar },
        countdown: {
          label: { base: { color: '{color.on-accent}' } },
          number: { base: { color: '{color.on-accent}' } },
        },
      },
    }),
  },
  {
    id: 'gift-card',
    purpose: 'sell',
    says: 'A gift card as a call to action in the page.',
    sketch: () => ({
      name: 'Gift card',
      kind: 'cta',
      placement: { type: 'inline', width: 640 },
      opening: [
        drawing('gift', 220),
        heading('The gift that always fits', 2, { align: 'center' }),
        words('Choose an amount, write a few words, and we’ll send it on the day.', { align: 'center' }),
        dressed({ ...link('Buy a gift card', '/gift-cards'), wide: false }, { self: 'center' }),
      ],
    }),
  },
  {
    id: 'goes-with',
    purpose: 'sell',
    says: 'Suggests a matching product while somebody reads.',
    sketch: () => ({
      name: 'Goes well with',
      kind: 'popup',
      placement: { type: 'corner', at: 'bottom-right', width: 340 },
      opening: [
        badge('Goes well with this'),
        heading('The matching stand', 3),
        words('Solid oak, made to measure. Save €8 when you buy both.'),
        link('View the set', '/shop'),
      ],
      behaviour: { triggers: { any: [{ type: 'scroll', share: 0.6 }] }, frequency: { per: 'days', days: 7 } },
    }),
  },
];
