import { valueAt } from '../base/maps/index.js';

/**
 * Writes values that set custom properties, such as the places of a label. What one of them sets and another does not is
 * set back by that other one: a weaker level may have chosen the first, and its rule holds for the same box.
 *
 * @param sets for each value its own declarations (`css`) and its variables, without the leading dashes
 * @returns for each value its declarations; {@link withoutIdle} takes out what nothing made necessary
 * @example variableSets({ near: { lt: '0' }, far: {} }) // { near: '--lt:0', far: '--lt:initial' }
 */
export function variableSets<Name extends string>(
  sets: Record<Name, { css?: string } & Record<string, string>>,
): Record<Name, string> {
  const all = Object.values<Record<string, string>>(sets).flatMap((set) => Object.keys(set));
  const variables = [...new Set(all)].filter((name) => name !== 'css');
  const written = Object.entries<{ css?: string } & Record<string, string>>(sets).map(([name, set]) => [
    name,
    [
      ...(set.css ? [set.css] : []),
      ...variables.map((one) => `--${one}:${valueAt(set, one) ?? 'initial'}`),
    ].join(';'),
  ]);
  return Object.fromEntries(written) as Record<Name, string>;
}

/**
 * CSS without what does nothing: declarations that set back a custom property which nothing sets, and those of custom
 * properties that only some read.
 *
 * @param css styles, in which each custom property follows another declaration
 * @param whole all CSS that may read them
 */
export function withoutIdle(css: string, whole: string): string {
  // Most styles set none.
  if (!css.includes(';--')) return css;
  const set = new Set(Array.from(css.matchAll(/(--[\w-]+):(?!initial\b)/g), ([, name]) => name));
  const read = new Set(Array.from(whole.matchAll(/var\((--[\w-]+)/g), ([, name]) => name));
  return css.replace(/;(--[\w-]+):(initial(?=[;}])|[^;{}]*)/g, (declaration, name: string, value: string) =>
    (value === 'initial' && !set.has(name)) || !read.has(name) ? '' : declaration,
  );
}
