import { onSurfaces, type Direction } from './direction.js';

const light = '{color.ground}';

export const night: Direction = {
  label: 'Night',
  says: 'Light type on the brand’s darkest colour.',
  style: {
    ...onSurfaces(
      {
        box: {
          base: {
            background: '{color.ink}',
            gradient: 'none',
            color: light,
            borderWidth: 0,
            radius: '{radius.box}',
            padding: 32,
            linkColor: light,
          },
          small: { padding: 24 },
        },
        header: { base: { background: '{color.ink}', color: light } },
      },
      { close: { base: { color: light }, hover: { color: light } } },
    ),
    title: { box: { base: { color: light, fontWeight: 600 } } },
    text: { box: { base: { color: light } } },
    button: {
      box: {
        base: { background: light, color: '{color.ink}', borderColor: light },
        hover: { background: '{color.soft}', color: '{color.ink}' },
      },
    },
    field: {
      input: { base: { background: 'transparent', color: light, borderColor: light } },
      label: { base: { color: light } },
      hint: { base: { color: light } },
      error: { base: { color: light, fontWeight: 600 } },
      choice: { base: { color: light } },
    },
    list: { box: { base: { color: light } }, mark: { base: { color: light } } },
    badge: { box: { base: { background: light, color: '{color.ink}' } } },
    icon: { mark: { base: { color: light } } },
    rating: { mark: { base: { color: light } } },
    countdown: {
      number: { base: { color: light } },
      label: { base: { color: light } },
      unit: {
        base: { background: 'transparent', borderColor: light, borderWidth: 1, radius: '{radius.field}' },
      },
    },
  },
  entrance: { kind: 'fade', from: 'bottom', strength: 0.4, duration: 500, delay: 0, easing: 'ease-out' },
};
