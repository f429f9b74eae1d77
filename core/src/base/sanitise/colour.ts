import { parse } from 'culori';

const functions = /^(rgb|hsl|hwb|lab|lch|oklab|oklch|color)a?\([0-9a-z%.,/+\s-]+\)$/i;

/** Whether a text is one CSS colour and nothing else (CSS Color 4), so that it may stand in a style sheet. */
export function isSafeColour(text: string): boolean {
  const plain = /^#[0-9a-f]{3,8}$/i.test(text) || /^[a-z]{3,24}$/i.test(text) || functions.test(text);
  return plain && (text === 'transparent' || parse(text) !== undefined);
}
