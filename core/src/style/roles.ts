import type { StyleSheet } from './values.js';

const surface = {
  color: '{color.ink}',
  font: '{font.text}',
  fontSize: '{size.text}',
  lineHeight: 1.5,
  padding: '{space.5}',
  radius: '{radius.box}',
} as const;

const close = { base: { color: '{color.quiet}', fontSize: 24 }, hover: { color: '{color.ink}' } } as const;
const region = { base: { padding: '{space.4}', gap: '{space.3}' } } as const;

/**
 * What every brand gives each role before any look, widget or element says otherwise. All values are token
 * references, so a change of brand reaches every widget.
 */
export const roleStyles = {
  overlay: {
    box: { base: { background: '{color.ground}', ...surface, shadow: '{shadow.raised}' } },
    header: region,
    body: { base: {} },
    footer: region,
    backdrop: { base: { background: '{color.veil}' } },
    close,
    launcher: {
      base: {
        background: '{color.accent}',
        color: '{color.on-accent}',
        radius: 28,
        padding: [12, 18, 12, 18],
        shadow: '{shadow.raised}',
        fontWeight: 600,
      },
      hover: { background: '{color.accent-strong}' },
    },
  },
  panel: {
    box: { base: { background: '{color.soft}', ...surface } },
    header: region,
    body: { base: {} },
    footer: region,
  },
  text: { box: { base: {} } },
  title: {
    box: { base: { font: '{font.title}', fontSize: '{size.title}', lineHeight: 1.2, fontWeight: 600 } },
  },
  group: { box: { base: { gap: '{space.4}' } } },
  button: {
    box: {
      base: {
        background: '{color.accent}',
        color: '{color.on-accent}',
        radius: '{radius.button}',
        padding: [11, 20, 11, 20],
        fontSize: '{size.text}',
        fontWeight: 600,
      },
      hover: { background: '{color.accent-strong}' },
    },
    note: { base: { fontSize: '{size.small}', fontWeight: 400 } },
    icon: { base: { width: 20 } },
  },
  form: { box: { base: { gap: '{space.3}' } } },
  field: {
    box: { base: { labelAt: 'above-start', gap: 4 } },
    label: { base: { fontSize: '{size.small}', fontWeight: 600 } },
    input: {
      base: {
        background: '{color.ground}',
        color: '{color.ink}',
        borderColor: '{color.line}',
        borderWidth: 1,
        radius: '{radius.field}',
        padding: [9, 12, 9, 12],
        fontSize: '{size.text}',
      },
      error: { borderColor: '{color.danger}' },
    },
    placeholder: { base: { opacity: 0.65 } },
    choices: { base: { choiceFlow: 'lines', gap: '{space.2}' } },
    choice: { base: {} },
    mark: {
      base: {
        width: 20,
        background: '{color.ground}',
        borderColor: '{color.quiet}',
        borderWidth: 1,
        fill: '{color.accent}',
      },
      selected: { borderColor: '{color.accent}' },
    },
    radio: { base: {} },
    checkbox: { base: {} },
    hint: { base: { fontSize: '{size.small}', color: '{color.quiet}' } },
    error: { base: { fontSize: '{size.small}', color: '{color.danger}' } },
  },
  image: { box: { base: {} }, caption: { base: { fontSize: '{size.small}', color: '{color.quiet}' } } },
  video: { box: { base: {} } },
  icon: {
    box: { base: { width: 48 } },
    mark: { base: { width: 28, color: '{color.accent}' } },
  },
  divider: {
    box: { base: { borderColor: '{color.line}', borderWidth: [1, 0, 0, 0], color: '{color.quiet}' } },
  },
  spacer: { box: { base: { height: 16 } } },
  list: {
    box: { base: { gap: '{space.2}' } },
    item: { base: {} },
    even: { base: {} },
    mark: { base: { color: '{color.accent}', width: 20 } },
  },
  badge: {
    box: {
      base: {
        background: '{color.accent}',
        color: '{color.on-accent}',
        radius: 99,
        padding: [3, 10, 3, 10],
        fontSize: '{size.small}',
        fontWeight: 600,
      },
    },
  },
  rating: { box: { base: { gap: '{space.2}' } }, mark: { base: { color: '{color.accent}', width: 20 } } },
  map: {
    box: { base: { radius: '{radius.box}', background: '{color.ground}' } },
    words: { base: { padding: '{space.4}' } },
    pin: { base: { color: '{color.accent}' } },
  },
  html: { box: { base: {} } },
  plans: { box: { base: { gap: '{space.4}' } } },
  plan: {
    box: {
      base: {
        background: '{color.ground}',
        padding: '{space.5}',
        radius: '{radius.box}',
        borderColor: '{color.line}',
        borderWidth: 1,
      },
    },
    badge: {
      base: {
        background: '{color.accent}',
        color: '{color.on-accent}',
        radius: 99,
        padding: [3, 10, 3, 10],
        fontSize: '{size.small}',
        fontWeight: 600,
      },
    },
    header: { base: { background: '{color.soft}' } },
    icon: { base: { width: 36, color: '{color.accent}' } },
    title: { base: { font: '{font.title}', fontSize: '{size.large}', fontWeight: 600, lineHeight: 1.25 } },
    subtitle: { base: { color: '{color.quiet}', fontSize: '{size.small}' } },
    amount: { base: { fontSize: '{size.display}', fontWeight: 600, lineHeight: 1.2 } },
    old: {
      base: { color: '{color.quiet}', fontSize: '{size.text}', fontWeight: 400, decoration: 'line-through' },
    },
    period: { base: { color: '{color.quiet}', fontSize: '{size.small}', fontWeight: 400 } },
    features: { base: { gap: '{space.2}' } },
    feature: { base: {} },
    even: { base: {} },
    mark: { base: { color: '{color.accent}', width: 18 } },
    button: {
      base: {
        background: '{color.accent}',
        color: '{color.on-accent}',
        radius: '{radius.button}',
        padding: [11, 20, 11, 20],
        fontWeight: 600,
      },
      hover: { background: '{color.accent-strong}' },
    },
  },
  links: {
    box: { base: { gap: '{space.4}' } },
    link: {
      base: { color: '{color.ink}', transition: '{duration.quick}' },
      hover: { color: '{color.accent}' },
    },
    icon: { base: { width: 20 } },
    count: {
      base: {
        background: '{color.accent}',
        color: '{color.on-accent}',
        radius: 99,
        fontSize: 12,
        fontWeight: 600,
        padding: [0, 6, 0, 6],
      },
    },
    divider: { base: { background: '{color.line}' } },
  },
  basket: {
    box: { base: { gap: '{space.3}' } },
    line: { base: { borderColor: '{color.line}', borderWidth: [0, 0, 1, 0], padding: [0, 0, 12, 0] } },
    picture: { base: { width: 64, radius: '{radius.field}' } },
    name: { base: { fontWeight: 600 } },
    price: { base: { color: '{color.quiet}', fontSize: '{size.small}' } },
    quantity: { base: { radius: 6 } },
    remove: { base: { radius: 6 } },
    total: { base: { fontWeight: 600, fontSize: '{size.large}' } },
    button: {
      base: {
        background: '{color.accent}',
        color: '{color.on-accent}',
        radius: '{radius.button}',
        padding: [11, 20, 11, 20],
        fontWeight: 600,
      },
      hover: { background: '{color.accent-strong}' },
    },
  },
  countdown: {
    box: { base: { gap: '{space.2}' } },
    unit: { base: { background: '{color.soft}', radius: '{radius.field}', padding: [8, 10, 8, 10] } },
    number: { base: { fontSize: '{size.title}', fontWeight: 600, lineHeight: 1.1 } },
    label: { base: { fontSize: 12, color: '{color.quiet}' } },
  },
  amounts: {
    box: { base: { gap: '{space.2}' } },
    amount: {
      base: {
        background: '{color.ground}',
        borderColor: '{color.line}',
        borderWidth: 1,
        radius: '{radius.field}',
        padding: [10, 14, 10, 14],
      },
      selected: { borderColor: '{color.accent}', background: '{color.soft}' },
    },
    value: { base: { fontWeight: 600, fontSize: '{size.large}' } },
    words: { base: { fontSize: '{size.small}', color: '{color.quiet}' } },
  },
} satisfies Record<string, StyleSheet>;

export type Role = keyof typeof roleStyles;

/** The style sheet of a role, with the wide type that look-ups by name need. */
export function roleStyle(role: Role): StyleSheet {
  return roleStyles[role];
}
