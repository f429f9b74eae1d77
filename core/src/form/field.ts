import type { MessageKey } from '../base/messages/index.js';
import type { Answer } from './answer.js';
import type { FileType } from './file-types.js';
import type { FormTree } from './condition.js';
import type { FormulaType, Program } from './formula/index.js';

/** What a field asks of its value, as it travels to the page and to the server. */
export interface FieldRule {
  /** The element that shows the field. */
  element: string;
  /** The key under which the value is sent and stored. */
  key: string;
  kind: string;
  label: string;
  required: boolean;
  /** Longest value allowed, in characters. */
  maxLength: number;
  /** What may be chosen, for fields that offer choices. */
  options?: string[];
  /** What the whole text has to match: a regular expression of ECMAScript, read with the flag `u`. */
  pattern?: string;
  /** Something else than what is offered may be entered too. */
  other?: true;
  /** For phone numbers: the country whose numbers need no prefix (ISO 3166-1). */
  country?: string;
  /** The least and the most that is taken: of a number, a date, a time of day, the length of a text, or several choices. */
  min?: string;
  max?: string;
  /** Which files are taken: their kinds, and how large each may be, bytes. */
  file?: { types: FileType[]; bytes: number };
  /** It is asked for only while this holds, of itself and of what it stands in. */
  when?: FormTree;
  /** It is required only while this holds. */
  requiredWhen?: FormTree;
  /** Where all of its fields are answered, it is right only if this is so of them. */
  valid?: { program: Program; names: readonly string[] };
  /** It is calculated from other answers, and not taken from the visitor. */
  program?: Program;
  /** What is said where it is wrong: the designer's own words, or those of the widget's language. */
  messages: Partial<Record<FieldProblem, string>>;
}

export type FieldProblem = 'missing' | 'malformed' | 'tooLong' | 'tooSmall' | 'tooLarge';

/** The days, by days since 1970, that it may be where the visitor is: limits such as `today+7` go by them. */
export interface Days {
  from: number;
  to: number;
}

/** One form of a widget, as it travels to the page and to the server. */
export interface FormRule {
  fields: FieldRule[];
  /** What else of the form is shown only while something holds, by element. */
  shows?: Record<string, FormTree>;
  /** The language that its dates are written in (BCP 47). */
  lang?: string;
}

/** How a kind of field reads what is entered, in the page and on the server. */
export interface FieldKind {
  /** Brings a value into the form in which it is checked and stored. */
  tidy(value: string): string;
  /** What it holds, as data; the text itself where nothing is said. */
  answer?(value: string): Answer;
  /** Its value is checked and then dropped: it is never stored. */
  secret?: boolean;
}

/** How it checks that, in the page and on the server. Pages load it once somebody begins to fill a form in. */
export interface FieldCheck {
  /** Whether a value that is not empty is what the kind stands for. */
  accepts(value: string, rule: FieldRule): boolean;
  /** What limits are compared with; NaN where it can't be told. A kind without has none. */
  measure?(value: string): number;
  /** A limit as a measure; a number where nothing is said. `today` as days since 1970. */
  limit?(text: string, today: number): number;
  /** A limit as visitors read it; as it was written where nothing is said. */
  limitText?(limit: number, language: string | undefined): string;
}

/** The limits of a kind of field: what the studio calls them and takes for them, and what visitors read. */
export interface Limits {
  min: string;
  max: string;
  takes: 'number' | 'date' | 'time';
  help?: string;
  says: { min: MessageKey; max: MessageKey };
}

/** How the studio offers a kind of field, and how it is written into the page. */
export interface FieldSpec {
  kind: string;
  label: string;
  icon: string;
  /** The key a new field of this kind gets. */
  key: string;
  /** Attributes of the control (HTML, autofill detail tokens). */
  attributes: Readonly<Record<string, string>>;
  tag: 'input' | 'textarea' | 'select' | 'choices';
  /** What the catalogue says of a problem, where that is more than of any field. */
  says?: Partial<Record<FieldProblem, MessageKey>>;
  /** What its limits are called and what is said of them, for kinds that have any. */
  limits?: Limits;
  /** What formulas take it for; a text where nothing is said. */
  gives?: FormulaType;
  /** For a new field: what it is called, where that is not the kind's own name. */
  asks?: string;
  /** The choices of a new field. */
  options?: readonly string[];
  maxLength: number;
}
