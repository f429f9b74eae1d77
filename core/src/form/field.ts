import type { MessageKey } from '../base/messages/index.js';

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
  /** What is said where it is wrong: the designer's own words, or those of the widget's language. */
  messages: Partial<Record<FieldProblem, string>>;
}

export type FieldProblem = 'missing' | 'malformed' | 'tooLong';

/** One form of a widget, as it travels to the page and to the server. */
export interface FormRule {
  fields: FieldRule[];
}

/** A kind of field, as the page and the server run it. */
export interface FieldKind {
  /** Brings a value into the form in which it is checked and stored. */
  tidy(value: string): string;
  /** Whether a value that is not empty is what the kind stands for. */
  accepts(value: string, rule: FieldRule): boolean;
  /** Its value is checked and then dropped: it is never stored. */
  secret?: boolean;
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
  /** For a new field: what it is called, where that is not the kind's own name. */
  asks?: string;
  /** The choices of a new field. */
  options?: readonly string[];
  maxLength: number;
}
