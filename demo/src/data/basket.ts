import { buildWidget, dressed, heading, icon, link, words } from '@sirene/core/library/sketch';

/** What is in the shop's basket, dropped from the basket link. The shop opens it. */
export const basket = buildWidget({
  name: 'Basket',
  kind: 'cta',
  placement: { type: 'anchored', to: '#basket', at: 'below', align: 'end', gap: 10, width: 400 },
  opening: [
    heading('Your basket', 3),
    {
      type: 'basket',
      currency: 'EUR',
      locale: 'en',
      total: 'Subtotal',
      button: 'Check out',
      address: '/till/',
    },
  ],
  scenes: {
    empty: [
      dressed(icon('shopping-basket', { width: 72, background: '{color.soft}', radius: 36 }, { width: 36 }), {
        self: 'center',
      }),
      words('Your basket is empty.', { align: 'center' }),
      dressed(link('Browse the shop', '/shop/'), { self: 'center' }),
    ],
    error: [
      heading('We can’t load your basket', 3),
      words('Your items are still saved on this device.'),
      { type: 'button', label: 'Try again', action: { type: 'retry' }, wide: false },
    ],
  },
  motion: {
    entrance: { kind: 'unfold', from: 'top', strength: 0.4, duration: 220, delay: 0, easing: 'ease-out' },
  },
  behaviour: {
    triggers: { any: [{ type: 'asked' }] },
    frequency: { per: 'page' },
    returning: { afterClosing: 0, afterSubmitting: 0 },
  },
});
