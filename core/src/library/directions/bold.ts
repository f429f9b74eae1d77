import { onSurfaces, type Direction } from './direction.js';

const onAccent = '{color.on-accent}';

export const bold: Direction = {
  label: 'Bold',
  says: 'The accent colour everywhere, heavy type, hard edges.',
  style: {
    ...onSurfaces(
      {
        box: {
          base: {
            background: '{color.accent}',
            gradient: 'none',
            color: onAccent,
            borderWidth: 0,
            radius: 0,
            padding: 36,
            linkColor: onAccent,
          },
          small: { padding: 24 },
        },
        header: { base: { background: '{color.accent-strong}', color: onAccent } },
      },
      { close: { base: { color: onAccent }, hover: { color: onAccent } } },
    ),
    title: {
      box: { base: { fontSize: '{size.display}', fontWeight: 800, lineHeight: 1.05, color: onAccent } },
    },
    text: { box: { base: { color: onAccent } } },
    button: {
      box: {
        base: {
          background: onAccent,
          color: '{color.accent}',
          borderColor: onAccent,
          radius: 0,
          fontWeight: 700,
        },
        hover: { background: '{color.ground}', color: '{color.accent-strong}' },
      },
    },
    field: {
      input: { base: { radius: 0, borderWidth: 0 } },
      label: { base: { color: onAccent, fontWeight: 700 } },
      hint: { base: { color: onAccent } },
      error: { base: { color: onAccent, fontWeight: 700 } },
      choice: { base: { color: onAccent } },
    },
    list: { box: { base: { color: onAccent } }, mark: { base: { color: onAccent } } },
    badge: { box: { base: { background: onAccent, color: '{color.accent}', radius: 0, fontWeight: 800 } } },
    icon: { mark: { base: { color: onAccent } } },
    rating: { mark: { base: { color: onAccent } } },
    countdown: {
      number: { base: { fontWeight: 800, color: onAccent } },
      label: { base: { color: onAccent } },
      unit: { base: { background: '{color.accent-strong}' } },
    },
  },
  entrance: { kind: 'slide', from: 'bottom', strength: 0.5, duration: 260, delay: 0, easing: 'ease-out' },
};
