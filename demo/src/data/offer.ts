import { buildWidget, countdown, heading, link, words } from '@sirene/core/library/sketch';

/** A code for each of the first who ask. */
export const firstLampCodes = {
  pool: 'First lamp',
  codes: Array.from({ length: 60 }, (_, at) => `LAMP-${(46_655 - at * 631).toString(36).toUpperCase()}`),
};

/** Twenty minutes of each visitor's own for their first lamp, on the pages of the lamps. */
export const lampOffer = buildWidget({
  name: 'First-order lamp offer',
  kind: 'countdown',
  placement: {
    type: 'centre',
    width: 460,
    // Three fifths of a phone are meant: it comes to those who look at a lamp, once a week.
    coversPhone: true,
    // Who has closed it finds it again at the edge, with the minutes that are left.
    closing: { button: true, escape: true, backdrop: true, teaser: 'left' },
  },
  opening: [
    heading('A tenth off your first lamp', 2, { color: '{color.accent-strong}' }),
    words('Order within twenty minutes and the price is €3 less. One lamp each, sent from the dome.'),
    {
      ...countdown('2027-01-12T20:00', { zone: 'Europe/London', design: 'ring' }),
      goal: 'own',
      lasts: 20,
      from: 'seen',
      units: ['minutes', 'seconds'],
      end: 'scene',
    },
    {
      type: 'code',
      code: '',
      pool: firstLampCodes.pool,
      expires: true,
      button: 'Get my code',
      copied: 'Copied',
      gone: 'The twenty minutes are over, or all codes are given.',
    },
    link('Choose a lamp', '/shop/'),
  ],
  scenes: {
    teaser: [words('A tenth off', { color: '{color.on-accent}', fontWeight: 600 })],
    expired: [
      heading('The twenty minutes are over', 2),
      words('The lamps are still there, at their usual price.'),
    ],
  },
  behaviour: {
    triggers: { any: [{ type: 'delay', seconds: 20 }, { type: 'leave' }] },
    targeting: {
      all: [
        { type: 'address', include: ['/shop/red-lamp*', '/shop/moon-lamp*'], exclude: [] },
        { type: 'member', is: 'guest' },
      ],
    },
    frequency: { per: 'days', days: 7 },
    returning: { afterClosing: 7, afterSubmitting: null },
  },
});
