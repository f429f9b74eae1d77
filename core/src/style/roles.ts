import type { StyleSheet } from './values.js';

/**
 * What every brand gives each role before any look, widget or element says otherwise. All values are token
 * references, so a change of brand reaches every widget.
 */
export const roleStyles = {
  overlay: {
    box: {
      base: {
        background: '{color.ground}',
        color: '{color.ink}',
        font: '{font.text}',
        fontSize: '{size.text}',
        lineHeight: 1.5,
        padding: '{space.5}',
        radius: '{radius.box}',
        shadow: '{shadow.raised}',
        gap: '{space.4}',
      },
    },
    backdrop: { base: { background: '{color.veil}' } },
    close: { base: { color: '{color.quiet}' }, hover: { color: '{color.ink}' } },
  },
  panel: {
    box: {
      base: {
        background: '{color.soft}',
        color: '{color.ink}',
        font: '{font.text}',
        fontSize: '{size.text}',
        lineHeight: 1.5,
        padding: '{space.5}',
        radius: '{radius.box}',
        gap: '{space.4}',
      },
    },
    close: { base: { color: '{color.quiet}' }, hover: { color: '{color.ink}' } },
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
  },
  form: { box: { base: { gap: '{space.3}' } } },
  field: {
    box: { base: {} },
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
    hint: { base: { fontSize: '{size.small}', color: '{color.quiet}' } },
    error: { base: { fontSize: '{size.small}', color: '{color.danger}' } },
  },
} satisfies Record<string, StyleSheet>;

export type Role = keyof typeof roleStyles;

/** The style sheet of a role, with the wide type that look-ups by name need. */
export function roleStyle(role: Role): StyleSheet {
  return roleStyles[role];
}
