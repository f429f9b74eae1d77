import { onSurfaces, type Direction } from './direction.js';

export const quiet: Direction = {
  label: 'Quiet',
  says: 'Thin lines, small type and plenty of room.',
  style: {
    ...onSurfaces({
      box: {
        base: {
          background: '{color.ground}',
          gradient: 'none',
          color: '{color.ink}',
          borderColor: '{color.line}',
          borderWidth: 1,
          radius: 4,
          shadow: 'none',
          padding: 36,
        },
        small: { padding: 24 },
      },
    }),
    title: { box: { base: { fontSize: '{size.large}', fontWeight: 500, letterSpacing: 0 } } },
    button: { box: { base: { radius: 2, fontWeight: 500, fontSize: '{size.small}' } } },
    field: {
      input: {
        base: { radius: 0, borderWidth: [0, 0, 1, 0], padding: [9, 2, 9, 2], background: 'transparent' },
      },
      label: { base: { fontWeight: 400, color: '{color.quiet}' } },
    },
    badge: { box: { base: { radius: 2, fontWeight: 500 } } },
  },
  entrance: { kind: 'fade', from: 'bottom', strength: 0.3, duration: 400, delay: 0, easing: 'ease-out' },
};
