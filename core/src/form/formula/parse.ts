import { valueAt } from '../../base/maps/index.js';
import type { Program } from './program.js';

/** What a part of a formula stands for. An `option` is a text or a number, as its options are written. */
export type FormulaType = 'number' | 'text' | 'option' | 'list' | 'truth';

/** What a formula may take a field for; options can stand for numbers, which `sum` adds up. */
export type FormulaField = FormulaType | { gives: FormulaType; values: Readonly<Record<string, number>> };

/** The fields that a formula may name, by their names. */
export type FormulaFields = Readonly<Record<string, FormulaField>>;

export type Formula =
  | { ok: true; program: Program; names: readonly string[] }
  /** `at` is the place of what is wrong, in characters. */
  | { ok: false; at: number; reason: string };

interface Token {
  text: string;
  at: number;
}

class Wrong extends Error {
  constructor(
    readonly at: number,
    reason: string,
  ) {
    super(reason);
  }
}

const token = /\s*(\d+(?:\.\d+)?|"[^"]*"|[A-Za-z][\w-]*|<=|>=|<>|!=|[-+*/×÷·−–()=<>≤≥≠,])/y;
const written: Readonly<Record<string, string>> = {
  '×': '*',
  '·': '*',
  '÷': '/',
  '−': '-',
  '–': '-',
  '≤': '<=',
  '≥': '>=',
  '≠': '<>',
  '!=': '<>',
};

function tokensOf(formula: string): Token[] {
  const tokens: Token[] = [];
  token.lastIndex = 0;
  for (let at = 0; formula.slice(at).trim() !== ''; at = token.lastIndex) {
    const [whole = '', text] = token.exec(formula) ?? [];
    if (text === undefined) {
      const place = at + (formula.slice(at).length - formula.slice(at).trimStart().length);
      throw new Wrong(place, `can’t be read from “${formula.slice(place, place + 12)}” on`);
    }
    tokens.push({ text: valueAt(written, text) ?? text, at: at + whole.length - text.length });
  }
  return tokens;
}

/** How many arguments a function takes, and what it gives. */
const functions: Readonly<Record<string, { from: number; to: number; gives: FormulaType; help: string }>> = {
  min: { from: 1, to: 20, gives: 'number', help: 'the smallest of several' },
  max: { from: 1, to: 20, gives: 'number', help: 'the largest of several' },
  round: { from: 1, to: 2, gives: 'number', help: 'a number, and to how many places' },
  if: { from: 3, to: 3, gives: 'number', help: 'a condition, what it is then, what it is else' },
  sum: { from: 1, to: 1, gives: 'number', help: 'the values of the options that are chosen' },
  count: { from: 1, to: 1, gives: 'number', help: 'how many are chosen' },
};

/** The functions that formulas know, with what each takes. */
export const formulaFunctions: readonly { name: string; help: string }[] = Object.entries(functions).map(
  ([name, { help }]) => ({ name, help }),
);

const levels: readonly (readonly string[])[] = [
  ['or'],
  ['and'],
  ['=', '<>', '<', '>', '<=', '>='],
  ['+', '-'],
  ['*', '/'],
];
/** The level of comparisons. */
const comparison = 2;
const compares = new Set(levels[comparison]);
const deepest = 50;

/**
 * Compiles a formula, by descent: `or`, `and`, `not`, comparisons, sums, products, signs.
 *
 * @param formula such as `if(children > 40, 3.5, 4) × children`; a minus has spaces around it, since names hold hyphens
 * @param wants what it has to come to: a number, or whether something is so
 */
export function parseFormula(
  formula: string,
  fields: FormulaFields,
  wants: 'number' | 'truth' = 'number',
): Formula {
  try {
    const parser = new Parser(tokensOf(formula), formula.length, fields);
    const type = parser.whole();
    if (wants === 'truth' && type !== 'truth') throw new Wrong(0, 'must be a comparison');
    if (wants === 'number' && type !== 'number' && type !== 'option')
      throw new Wrong(0, 'must come to a number');
    return { ok: true, program: parser.program, names: [...parser.names] };
  } catch (error) {
    if (error instanceof Wrong) return { ok: false, at: error.at, reason: error.message };
    throw error;
  }
}

class Parser {
  readonly program: (string | number)[] = [];
  readonly names = new Set<string>();
  #next = 0;
  #depth = 0;

  constructor(
    private readonly tokens: readonly Token[],
    private readonly end: number,
    private readonly fields: FormulaFields,
  ) {}

  whole(): FormulaType {
    if (this.tokens.length === 0) throw new Wrong(0, 'is empty');
    const type = this.#level(0);
    const rest = this.tokens[this.#next];
    if (rest) throw new Wrong(rest.at, `has “${rest.text}” where nothing more is expected`);
    return type;
  }

  #level(at: number): FormulaType {
    const operators = levels[at];
    if (!operators) return this.#signed();
    const first = this.tokens[this.#next];
    if (at === comparison && first?.text.toLowerCase() === 'not') {
      this.#next++;
      return this.#negated(first.at);
    }
    let type = this.#level(at + 1);
    for (;;) {
      const operator = this.tokens[this.#next];
      if (!operator || !operators.includes(operator.text.toLowerCase())) return type;
      this.#next++;
      const name = operator.text.toLowerCase();
      const other = this.#level(at + 1);
      this.#fitting(name, type, other, operator.at);
      this.program.push(name);
      type = at <= comparison ? 'truth' : 'number';
    }
  }

  #fitting(operator: string, one: FormulaType, other: FormulaType, at: number): void {
    const both = [one, other];
    const isLogic = operator === 'and' || operator === 'or';
    if (isLogic && both.some((type) => type !== 'truth'))
      throw new Wrong(at, `needs a comparison on both sides of “${operator}”`);
    if (isLogic) return;
    if (both.includes('truth')) throw new Wrong(at, `can’t use a comparison with “${operator}”`);
    const isEquality = operator === '=' || operator === '<>';
    if (isEquality) return;
    if (both.includes('text'))
      throw new Wrong(
        at,
        `can’t ${compares.has(operator) ? 'compare' : 'calculate with'} a text by “${operator}”`,
      );
  }

  /** “not” before a comparison; it binds tighter than “and”. */
  #negated(at: number): FormulaType {
    const type = this.#deeper(() => this.#level(comparison));
    if (type !== 'truth') throw new Wrong(at, 'needs a comparison after “not”');
    return this.#push('not/1', 'truth');
  }

  #signed(): FormulaType {
    const minus = this.tokens[this.#next];
    if (minus?.text !== '-') return this.#single();
    this.#next++;
    const type = this.#deeper(() => this.#signed());
    if (type === 'text' || type === 'truth')
      throw new Wrong(minus.at, 'has a minus before what is no number');
    return this.#push('neg/1', 'number');
  }

  #deeper<T>(read: () => T): T {
    if (++this.#depth > deepest)
      throw new Wrong(this.tokens[this.#next]?.at ?? this.end, 'is nested too deeply');
    const result = read();
    this.#depth--;
    return result;
  }

  #single(): FormulaType {
    const one = this.tokens[this.#next++];
    if (!one) throw new Wrong(this.end, 'ends where a number, a field or a function is expected');
    const { text, at } = one;
    if (/^\d/.test(text)) return this.#push(Number(text), 'number');
    if (text.startsWith('"')) return this.#push(`'${text.slice(1, -1)}`, 'text');
    if (text === '(') {
      const type = this.#deeper(() => this.#level(0));
      this.#expect(')');
      return type;
    }
    if (!/^[a-z]/i.test(text)) throw new Wrong(at, `has “${text}” where a number or a field is expected`);
    if (this.tokens[this.#next]?.text === '(') return this.#call(text.toLowerCase(), at);
    const field = valueAt(this.fields, text);
    if (!field) throw new Wrong(at, this.#unknown(text));
    this.names.add(text);
    return this.#push(`$${text}`, typeof field === 'string' ? field : field.gives);
  }

  /** The values of what is chosen: for each option whether it is, times its value. So pages need no operation for it. */
  #sum(at: number): FormulaType {
    const { text: name = '' } = this.tokens[this.#next++] ?? {};
    const field = valueAt(this.fields, name);
    if (field === undefined || typeof field === 'string')
      throw new Wrong(at, 'needs a field whose options have values in “sum”');
    this.names.add(name);
    this.program.push(0);
    for (const [option, value] of Object.entries(field.values))
      this.program.push(`$${name}`, `'${option}`, '=', value, '*', '+');
    return 'number';
  }

  #unknown(text: string): string {
    const parts = text.split('-');
    return parts.length > 1 && parts.every((part) => /^\d+$/.test(part) || valueAt(this.fields, part))
      ? `has “${text}”, which no field is called; put spaces around a minus`
      : `has “${text}”, which no field is called`;
  }

  #call(name: string, at: number): FormulaType {
    const known = valueAt(functions, name);
    if (!known) throw new Wrong(at, `has “${name}”, which is no function`);
    this.#next++;
    if (name === 'sum') {
      const type = this.#sum(at);
      this.#expect(')');
      return type;
    }
    const types: FormulaType[] = [];
    this.#deeper(() => {
      do types.push(this.#level(0));
      while (this.#took(','));
    });
    this.#expect(')');
    const { from, to, gives } = known;
    if (types.length < from || types.length > to)
      throw new Wrong(
        at,
        `gives ${name} ${types.length} values; it takes ${from === to ? from : `${from} to ${to}`}`,
      );
    if (name === 'if' && types[0] !== 'truth') throw new Wrong(at, 'needs a comparison first in “if”');
    const numbers = name === 'if' ? types.slice(1) : name === 'count' ? [] : types;
    if (numbers.some((type) => type === 'text' || type === 'truth'))
      throw new Wrong(at, `gives ${name} what is no number`);
    this.program.push(`${name}/${types.length}`);
    return gives;
  }

  #push(step: string | number, type: FormulaType): FormulaType {
    this.program.push(step);
    return type;
  }

  #took(text: string): boolean {
    if (this.tokens[this.#next]?.text !== text) return false;
    this.#next++;
    return true;
  }

  #expect(text: string): void {
    if (!this.#took(text)) throw new Wrong(this.tokens[this.#next]?.at ?? this.end, `lacks a “${text}”`);
  }
}

/** A formula in which a field has another name; texts in quotation marks stay as they are. */
export const renamedInFormula = (formula: string, from: string, to: string): string =>
  formula.replace(/"[^"]*"|[A-Za-z][\w-]*/g, (word) => (word === from ? to : word));
