import { valueAt } from '../../base/maps/index.js';
import type { WidgetDocument } from '../../document/widget/index.js';
import { readTokens, type TokenTree } from '../../style/index.js';

const alias = /\{([A-Za-z0-9_-]+(?:\.[A-Za-z0-9_-]+)*)\}/g;

/** The tokens that a value, a sheet or a look refers to, each once; those inside a gradient too. */
export function aliasesIn(value: unknown): string[] {
  const found = new Set<string>();
  const walk = (at: unknown): void => {
    if (typeof at === 'string') for (const [, path] of at.matchAll(alias)) found.add(path as string);
    else if (typeof at === 'object' && at !== null) Object.values(at).forEach(walk);
  };
  walk(value);
  return [...found];
}

/** A value with references to tokens that go replaced by others. */
export function replaceAliases<T>(value: T, replacements: Readonly<Record<string, string>>): T {
  if (typeof value === 'string') {
    return value.replace(alias, (whole, path: string) => {
      const other = valueAt(replacements, path);
      return other === undefined ? whole : `{${other}}`;
    }) as T;
  }
  if (Array.isArray(value)) return value.map((one) => replaceAliases(one as unknown, replacements)) as T;
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value).map(([key, one]) => [key, replaceAliases(one as unknown, replacements)]),
  ) as T;
}

/** The tokens that a widget refers to. Only its styles do: a brace in its words is a brace. */
export function documentAliases({ style, elements }: WidgetDocument): string[] {
  return aliasesIn([style, ...Object.values(elements).map((element) => element.style)]);
}

/** A document with references to tokens that go replaced by others; the very same one where it has none. */
export function replaceInDocument(
  document: WidgetDocument,
  replacements: Readonly<Record<string, string>>,
): WidgetDocument {
  if (!documentAliases(document).some((path) => Object.hasOwn(replacements, path))) return document;
  const elements = Object.entries(document.elements).map(([id, element]) => [
    id,
    element.style ? { ...element, style: replaceAliases(element.style, replacements) } : element,
  ]);
  return {
    ...document,
    style: replaceAliases(document.style, replacements),
    elements: Object.fromEntries(elements) as WidgetDocument['elements'],
  };
}

/** The tokens that a brand had and no longer has. */
export function tokensGone(before: TokenTree, after: TokenTree): string[] {
  const left = readTokens(after);
  return [...readTokens(before).keys()].filter((path) => !left.has(path));
}
