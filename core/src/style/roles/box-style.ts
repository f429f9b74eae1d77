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
