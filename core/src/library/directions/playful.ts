import { onSurfaces, type Direction } from './direction.js';

export const playful: Direction = {
  label: 'Playful',
  says: 'Round corners, dashed lines and a springing entrance.',
  style: {
    ...onSurfaces({
      box: {
        base: {
          background: '{color.soft}',
          gradient: 'none',
          color: '{color.ink}',
          borderColor: '{color.accent}',
          borderWidth: 3,
          borderStyle: 'dashed',
          radius: 32,
          padding: 32,
        },
        small: { padding: 22, radius: 24 },
      },
      header: { base: { background: 'transparent' } },
    }),
    title: { box: { base: { fontWeight: 700, fontSize: '{size.title}', align: 'center' } } },
    text: { box: { base: { align: 'center' } } },
    button: { box: { base: { radius: 99, padding: [14, 26, 14, 26], fontWeight: 700 } } },
    field: {
      input: {
        base: { radius: 22, borderWidth: 2, borderColor: '{color.accent}', padding: [10, 18, 10, 18] },
      },
      label: { base: { fontWeight: 700 } },
    },
    badge: { box: { base: { radius: 99, padding: [5, 14, 5, 14] } } },
    image: { box: { base: { radius: 24 } } },
    countdown: { unit: { base: { background: '{color.ground}', radius: 20, padding: 12 } } },
  },
  entrance: {
    kind: 'grow',
    from: 'bottom',
    strength: 0.3,
    duration: 380,
    delay: 0,
    easing: 'cubic-bezier(.3,1.5,.6,1)',
  },
};
