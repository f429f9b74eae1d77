import {
  buildWidget,
  countdown,
  dressed,
  icon,
  link,
  row,
  words,
  type Sketch,
} from '@sirene/core/library/sketch';
import type { Values } from '@sirene/core/style';
import type { WidgetDocument } from '@sirene/core/document/widget';

const dayMs = 86_400_000;

const night: Values = {
  background: '{color.deep}',
  gradient: 'linear-gradient(90deg, {color.deep}, {color.night} 60%, {color.accent-strong})',
  color: '{color.moonlight}',
  padding: [10, 56, 10, 24],
};
const phone: Values = { padding: [8, 44, 8, 16] };
const style = {
  overlay: {
    box: { base: night, small: phone },
    close: { base: { color: '{color.moonlight}' }, hover: { color: '#ffffff' } },
  },
};
const line = (inside: readonly Sketch[]) =>
  dressed(row(inside), { along: 'center', gap: '{space.4}' }, { gap: '{space.2}' });
const still = (sketch: Sketch, values: Values = {}) => dressed(sketch, { share: 0, ...values });

/**
 * The evening of the falling stars, counted down to on the pages of the shows.
 *
 * @param now ms since the epoch: the evening is eighteen days ahead
 */
export const meteorNight = (now: number): WidgetDocument =>
  buildWidget({
    name: 'Meteor night',
    kind: 'countdown',
    placement: { type: 'bar', at: 'top', push: true, width: 1120 },
    opening: [
      line([
        dressed(
          still(icon('sparkles', { width: 26 }, { width: 24, color: '{color.lamp}' })),
          {},
          { shown: 'none' },
        ),
        still(words('The falling stars of December, in'), { fontWeight: 600 }),
        {
          ...still(
            countdown(`${new Date(now + 18 * dayMs).toISOString().slice(0, 10)}T21:00`, {
              zone: 'Europe/London',
              design: 'line',
            }),
          ),
          steps: [{ under: 24, look: 'last-day' }],
          style: {
            box: { base: { share: 0, gap: 10 } },
            number: { base: { color: '{color.lamp}' } },
            label: { base: { color: '{color.moonlight}' } },
          },
        },
        {
          ...still(link('Keep a place', '/shows/meteor-night/'), { padding: [7, 16, 7, 16] }),
          look: 'lamplight',
        },
      ]),
    ],
    scenes: {
      expired: [
        line([
          still(icon('sparkles', { width: 26 }, { width: 24, color: '{color.lamp}' })),
          still(words('They are falling. The dome is open until the small hours.'), { fontWeight: 600 }),
        ]),
      ],
    },
    style,
    behaviour: {
      targeting: { all: [{ type: 'address', include: ['/shows/*'], exclude: [] }] },
      frequency: { per: 'page' },
      returning: { afterClosing: 1, afterSubmitting: 0 },
    },
  });

/** Says on the page of tonight's sky that the dome is open. */
export const clearSky = buildWidget({
  name: 'Clear-sky tonight',
  kind: 'bar',
  placement: { type: 'bar', at: 'top', push: true, width: 1120 },
  opening: [
    line([
      {
        type: 'image',
        src: 'asset:@moon',
        alt: '',
        plain: true,
        size: [96, 96],
        style: { box: { base: { width: 34, share: 0, radius: 17 } } },
      },
      still(words('The sky clears at dusk. We open the dome at half past six.')),
      { ...still(link('How to come up', '/contact/'), { padding: [7, 16, 7, 16] }), look: 'lamplight' },
    ]),
  ],
  style,
  behaviour: {
    targeting: { all: [{ type: 'address', include: ['/tonight/*'], exclude: [] }] },
    schedule: { zone: 'Europe/London', hours: [{ days: [3, 4, 5, 6, 7], from: '16:00', to: '23:00' }] },
    frequency: { per: 'visit' },
    returning: { afterClosing: 1, afterSubmitting: 0 },
  },
});
