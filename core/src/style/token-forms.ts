import { isGroup, valueAt } from '../base/maps/index.js';
import { readMeasure } from '../base/measure/index.js';

type Tree = Record<string, unknown>;

const mostDepth = 14;
/** The longest that a part of a token's path may be, characters. */
export const mostName = 60;
const mostSteps = 100_000;

/**
 * A name as it may be part of an alias and of a CSS variable: what other tools allow in names, such as spaces, dots and
 * slashes, is written as a dash. A group's own token, `$root`, is called `root`.
 */
export const plainName = (name: string): string =>
  (name === '$root' ? 'root' : name)
    .slice(0, mostName * 2)
    .trim()
    .replace(/[\s.{}/()]+/g, '-');

/**
 * Writes a token file in the plain forms that {@link importTokens} reads, so that a file of any tool is one of ours:
 * `$root` tokens and `$ref` pointers of the format module 2025.10, aliases to names with spaces or to those of another
 * set, sums, and composites, each of whose parts becomes a token of its own.
 */
export function tokenForms(file: Tree): Tree {
  const forms = new Forms(file);
  return forms.group(file, '', 0);
}

/** The parts of composite types, and what each is as a token; parts left out here are none that a widget can use. */
const composites: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  typography: {
    fontFamily: 'fontFamily',
    fontSize: 'dimension',
    fontWeight: 'fontWeight',
    lineHeight: 'number',
    letterSpacing: 'dimension',
  },
  border: { color: 'color', width: 'dimension', style: 'strokeStyle' },
  transition: { duration: 'duration', delay: 'duration', timingFunction: 'cubicBezier' },
};

const numeric = /^(dimension|spacing|sizing|borderRadius|fontSizes|number|duration|fontWeight)$/;
const sum = /[*/+]|\s-\s/;
const weights: Readonly<Record<string, number>> = {
  thin: 100,
  hairline: 100,
  'extra-light': 200,
  'ultra-light': 200,
  light: 300,
  normal: 400,
  regular: 400,
  book: 400,
  medium: 500,
  'semi-bold': 600,
  'demi-bold': 600,
  bold: 700,
  'extra-bold': 800,
  'ultra-bold': 800,
  black: 900,
  heavy: 900,
  'extra-black': 950,
  'ultra-black': 950,
};

class Forms {
  /** The values of all tokens, by the plain path of each. */
  readonly #values = new Map<string, unknown>();
  /** The first names of the file: sets, where another tool wrote it. */
  readonly #sets: string[];

  // Values may lead to values that lead to many others: a file is read in the time that its size is worth.
  #left = mostSteps;

  constructor(file: Tree) {
    this.#sets = Object.keys(file)
      .filter((name) => !name.startsWith('$'))
      .map(plainName);
    this.#note(file, [], 0);
  }

  #note(tree: Tree, path: string[], depth: number): void {
    if (depth > mostDepth) return;
    const holder = holderOf(tree);
    if (holder) this.#values.set(path.join('.'), valueAt(tree, holder));
    else
      for (const [name, child] of Object.entries(tree))
        if (isGroup(child) && isName(name)) this.#note(child, [...path, plainName(name)], depth + 1);
  }

  group(tree: Tree, inherited: string, depth: number): Tree {
    if (depth > mostDepth) return tree;
    const type = typeof tree['$type'] === 'string' ? tree['$type'] : inherited;
    if (holderOf(tree)) return this.#token(tree, type);
    return Object.fromEntries(
      Object.entries(tree).map(([name, child]) =>
        isGroup(child) && isName(name)
          ? [name === '$root' ? 'root' : name, this.group(child, type, depth + 1)]
          : [name, child],
      ),
    );
  }

  #token(tree: Tree, inherited: string): Tree {
    const holder = holderOf(tree) as string;
    const type = inherited || (typeof tree['type'] === 'string' ? tree['type'] : '');
    const value = valueAt(tree, holder);
    const parts = valueAt(composites, type);
    if (parts && isGroup(value) && Object.keys(value).length > 0) return this.#composite(parts, value);
    const { $ref: pointer, ...rest } = tree;
    if (holder === '$ref') return { ...rest, $value: this.#value({ $ref: pointer }, type, 0) };
    return { ...rest, [holder]: this.#value(value, type, 0) };
  }

  #composite(parts: Readonly<Record<string, string>>, value: Tree): Tree {
    return Object.fromEntries(
      Object.entries(value).map(([name, part]) => {
        const type = valueAt(parts, name) ?? name;
        return [dashed(name), { $type: type, $value: this.#value(part, type, 0) }];
      }),
    );
  }

  /** A value with its pointers, aliases and sums in plain forms; an alias stays one where it is the whole value. */
  #value(value: unknown, type: string, depth: number): unknown {
    if (depth > mostDepth || this.#left-- <= 0) return value;
    if (isGroup(value) && typeof value['$ref'] === 'string') return this.#pointer(value['$ref'], type, depth);
    if (typeof value === 'string') return this.#text(value, type, depth);
    if (Array.isArray(value)) return value.map((one) => this.#literal(one, type, depth + 1));
    if (isGroup(value))
      return Object.fromEntries(
        Object.entries(value).map(([name, one]) => [name, this.#literal(one, '', depth + 1)]),
      );
    return value;
  }

  /** The same, with the value that an alias leads to in its place: inside a value there are no aliases. */
  #literal(value: unknown, type: string, depth: number): unknown {
    const plain = this.#value(value, type, depth);
    const path = typeof plain === 'string' ? /^\{([^{}]+)\}$/.exec(plain)?.[1] : undefined;
    return path !== undefined && this.#values.has(path) && depth <= mostDepth
      ? this.#literal(this.#values.get(path), type, depth + 1)
      : plain;
  }

  #text(text: string, type: string, depth: number): unknown {
    if (text.length > 200) return text;
    const whole = /^\{([^{}]+)\}$/.exec(text.trim())?.[1];
    if (whole !== undefined) return `{${this.#pathOf(whole)}}`;
    if (type === 'fontWeight' || type === 'fontWeights')
      return (
        valueAt(
          weights,
          text
            .trim()
            .toLowerCase()
            .replace(/[\s_]+/g, '-'),
        ) ?? text
      );
    return numeric.test(type) && sum.test(text) ? this.#solved(text, type, depth) : text;
  }

  /** What a sum such as `{space.base} * 1.5` comes to, in the unit of its parts; the text itself where it is none. */
  #solved(text: string, type: string, depth: number): unknown {
    const plain = text.replace(/\{([^{}]+)\}/g, (_, path: string) => {
      const value = this.#literal(`{${path}}`, type, depth + 1);
      return isGroup(value) ? `${String(value['value'])}${String(value['unit'])}` : String(value);
    });
    const read = readMeasure(plain, type === 'duration' ? { unit: 'ms' } : { unit: 'px', units: ['rem'] });
    if (!('measure' in read)) return text;
    if (typeof read.measure === 'string') return read.measure;
    if (type === 'number' || type === 'fontWeight') return read.measure;
    return `${read.measure}${type === 'duration' ? 'ms' : 'px'}`;
  }

  /** A JSON pointer (RFC 6901) to a token, or to something inside its value. */
  #pointer(pointer: string, type: string, depth: number): unknown {
    const steps = pointer
      .replace(/^#?\//, '')
      .split('/')
      .map((step) => decodeURIComponent(step.replaceAll('~1', '/').replaceAll('~0', '~')));
    const end = steps.indexOf('$value');
    const path = (end < 0 ? steps : steps.slice(0, end)).map(plainName).join('.');
    const inside = end < 0 ? [] : steps.slice(end + 1);
    if (inside.length === 0) return `{${path}}`;
    let at = this.#literal(`{${path}}`, type, depth + 1);
    for (const step of inside)
      at = Array.isArray(at) ? at[Number(step)] : isGroup(at) ? valueAt(at, step) : undefined;
    return at ?? `{${path}}`;
  }

  /** The plain path of an alias; one that leads nowhere is looked for in each set of the file. */
  #pathOf(alias: string): string {
    const path = alias.split('.').map(plainName).join('.');
    if (this.#values.has(path)) return path;
    const set = this.#sets.find((one) => this.#values.has(`${one}.${path}`));
    return set === undefined ? path : `${set}.${path}`;
  }
}

const isName = (name: string): boolean => !name.startsWith('$') || name === '$root';

const holderOf = (tree: Tree): '$value' | 'value' | '$ref' | null =>
  (['$value', 'value', '$ref'] as const).find((name) => name in tree) ?? null;

const dashed = (name: string): string => name.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`);
