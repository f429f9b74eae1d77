import { onSurfaces, type Direction } from './direction.js';

export const editorial: Direction = {
  label: 'Editorial',
  says: 'Large headings against small text, rules instead of boxes.',
  style: {
    ...onSurfaces({
      box: {
        base: {
          background: '{color.ground}',
          gradient: 'none',
          color: '{color.ink}',
          borderColor: '{color.ink}',
          borderWidth: [6, 0, 0, 0],
          radius: 0,
          padding: 40,
        },
        small: { padding: 24 },
      },
    }),
    title: {
      box: {
        base: { fontSize: '{size.display}', fontWeight: 400, lineHeight: 1.08, letterSpacing: -0.02 },
        small: { fontSize: '{size.title}' },
      },
    },
    button: {
      box: {
        base: {
          background: '{color.ink}',
          color: '{color.ground}',
          borderWidth: 0,
          radius: 0,
          letterCase: 'uppercase',
          letterSpacing: 0.08,
          fontSize: '{size.small}',
          fontWeight: 500,
        },
        hover: { background: '{color.accent-strong}', color: '{color.on-accent}' },
      },
    },
    field: {
      input: {
        base: {
          radius: 0,
          borderColor: '{color.ink}',
          borderWidth: [0, 0, 1, 0],
          padding: [9, 0, 9, 0],
          background: 'transparent',
        },
      },
      label: { base: { letterCase: 'uppercase', letterSpacing: 0.08, fontWeight: 500 } },
    },
    badge: {
      box: {
        base: {
          radius: 0,
          background: 'transparent',
          color: '{color.accent}',
          padding: 0,
          letterCase: 'uppercase',
          letterSpacing: 0.1,
        },
      },
    },
    divider: { box: { base: { borderColor: '{color.ink}' } } },
  },
  entrance: { kind: 'slide', from: 'bottom', strength: 0.15, duration: 450, delay: 0, easing: 'ease-out' },
};
