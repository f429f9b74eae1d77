import { Type } from '@sinclair/typebox';

/** A CSS selector (Selectors 4) that a rule names an element of the page by; empty where none is chosen yet. */
export const selectorText = () => Type.String({ maxLength: 300 });

/**
 * What keeps a text from being a selector, as far as it can be told without a page: brackets and quotes that are not closed,
 * signs that no selector has. A page reads it with care all the same.
 */
export function selectorProblems(selector: string): [string, string][] {
  return isSelector(selector) ? [] : [['selector', 'is not a CSS selector, such as #prices or main a']];
}

const closing = new Map([
  ['(', ')'],
  ['[', ']'],
]);

function isSelector(selector: string): boolean {
  if (/[{};@!?]|^[\s>+~,.#:]*$|[,>+~]\s*$|^\s*,|[.#:]\s|[.#:]$|^\d/.test(unquoted(selector))) return false;
  const open: string[] = [];
  for (const sign of unquoted(selector)) {
    const end = closing.get(sign);
    if (end) open.push(end);
    else if ((sign === ')' || sign === ']') && open.pop() !== sign) return false;
    else if (sign === '"' || sign === "'") return false;
  }
  return open.length === 0;
}

// What stands in quotes may hold any sign.
const unquoted = (selector: string): string => selector.replace(/"[^"\n]*"|'[^'\n]*'/g, 'x');
