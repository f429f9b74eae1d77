import type { StyleSheet } from './values.js';

export const buttonTypes = ['filled', 'outlined', 'underlined', 'text'] as const;
export const buttonSizes = ['S', 'M', 'L'] as const;
export type ButtonType = (typeof buttonTypes)[number];
export type ButtonSize = (typeof buttonSizes)[number];

const bare = { background: 'transparent', color: '{color.accent}' } as const;
const barePointed = { background: 'transparent', color: '{color.accent-strong}' } as const;

// A filled button of middle size is the role itself.
const types: Record<ButtonType, StyleSheet | null> = {
  filled: null,
  outlined: {
    box: {
      base: { ...bare, borderColor: '{color.accent}', borderWidth: 1 },
      hover: {
        background: '{color.soft}',
        color: '{color.accent-strong}',
        borderColor: '{color.accent-strong}',
      },
    },
  },
  underlined: {
    box: { base: { ...bare, decoration: 'underline', padding: [11, 4, 11, 4] }, hover: barePointed },
  },
  text: { box: { base: bare, hover: { background: '{color.soft}', color: '{color.accent-strong}' } } },
};

const sizes: Record<ButtonSize, StyleSheet | null> = {
  S: { box: { base: { padding: [6, 14, 6, 14], fontSize: '{size.small}' } } },
  M: null,
  L: { box: { base: { padding: [15, 28, 15, 28], fontSize: '{size.large}' } } },
};

/**
 * What a button's type and size add to the brand's own sheet for buttons. All values are tokens of the brand or its
 * measures, so that looks, the widget and the button itself still outrank them.
 *
 * @returns each with the name of its class, in the order in which they apply
 */
export function buttonVariants({
  type = 'filled',
  size = 'M',
}: {
  type?: ButtonType | undefined;
  size?: ButtonSize | undefined;
}): { name: string; sheet: StyleSheet }[] {
  const named = [
    { name: `size-${size}`, sheet: sizes[size] },
    { name: type, sheet: types[type] },
  ];
  return named.flatMap(({ name, sheet }) => (sheet ? [{ name, sheet }] : []));
}
