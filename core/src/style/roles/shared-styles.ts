import type { ConditionStyles, Sides } from '../values.js';

/** What the outermost box of a widget has, whichever it is. */
export const boxStyle = {
  color: '{color.ink}',
  font: '{font.text}',
  fontSize: '{size.text}',
  lineHeight: 1.5,
  padding: '{space.5}',
  radius: '{radius.box}',
} as const;

export const closeStyle = {
  base: { color: '{color.quiet}', fontSize: 24 },
  hover: { color: '{color.ink}' },
} as const;
export const regionStyle = { base: { padding: '{space.4}', gap: '{space.3}' } } as const;

/** What is pressed to go on. */
export const filledStyle = {
  base: {
    background: '{color.accent}',
    color: '{color.on-accent}',
    radius: '{radius.button}',
    padding: [11, 20, 11, 20] as Sides,
    fontWeight: 600,
  },
  hover: { background: '{color.accent-strong}' },
} satisfies ConditionStyles;

/** A few words with round ends. */
export const pillStyle = {
  base: {
    background: '{color.accent}',
    color: '{color.on-accent}',
    radius: 99,
    padding: [3, 10, 3, 10] as Sides,
    fontSize: '{size.small}',
    fontWeight: 600,
  },
} satisfies ConditionStyles;
