import { Type, type TObject, type TProperties } from '@sinclair/typebox';
import type { Axis } from './axis.js';
import type { PageVisit } from './page.js';
import type { SignalType } from './signals/registry.js';

/** A part of a rule, as its controls offer it. */
export type RuleField = { key: string; label: string; help?: string } & (
  | {
      unit: string;
      min: number;
      max: number;
      /** Kept as a share, 0 to 1, and shown in %. */
      share?: boolean;
    }
  /** A text of so many characters at most. */
  | {
      text: number;
      /** The part that names a field of the form: what may be chosen in it is suggested. */
      optionsOf?: string;
    }
  /** A CSS selector of the page's elements. */
  | { selector: true }
  /** One of several values, or some of them; each with what it is called. */
  | { choice: Readonly<Record<string, string>> }
  | { several: Readonly<Record<string, string>> }
  /** Texts, one a line, each of so many characters at most. */
  | { list: number }
  /** A time of day, `HH:MM`. */
  | { time: true }
  /** Another widget of the site, by its address name. */
  | { widget: true }
  /** A field of the same form, by its name. */
  | { field: true }
  /** Pages of the site, by their paths. */
  | { pages: true }
);

/** A way in which a page, or a visitor on it, opens a widget. */
export type Opener = 'link' | 'attribute' | 'script';

/** What the studio and the document know of a kind of trigger or of condition, beside how it behaves. One file each. */
export interface RuleSpec<S extends TObject = TObject> {
  type: string;
  label: string;
  /** A function, so that visitors do not load the schema library. */
  schema: () => S;
  create(): Record<string, unknown>;
  /** A trigger in words that follow "appears"; a condition in words that follow "visitors". */
  phrase(rule: never): string;
  /** Of a condition on the page: in words that follow its address, such as “of type Article”. */
  pageWords?(rule: never): string;
  /** What is found of it on a page now, in words: what an explanation puts beside what the rule wants. */
  found?(visit: PageVisit, rule: never): string;
  /** What it goes by, of visitors; a condition on the page alone has none. */
  axis?(rule: never): Axis;
  /** Of a condition: while a visitor is on a page, it holds or it does not, whatever they do there. */
  settled?: true;
  /** What a page must listen to for it. */
  watches?: readonly SignalType[];
  /** Checks that a schema can't express: `[key, reason]`. */
  problems?(rule: never): [string, string][];
  fields: readonly RuleField[];
  /** Of a trigger that never fires by itself: the ways in which a page opens the widget, for its lines to copy. */
  byHand?: readonly Opener[];
}

// What pages do not use is dropped: the bundler is told that a call does nothing.
/* @__NO_SIDE_EFFECTS__ */
/** What is known of a kind of rule, with its types taken from its schema. */
export const defineRule = <S extends TObject>(spec: RuleSpec<S>): RuleSpec<S> => spec;

/** The schema of a rule: its type, and what is its own. */
export const ruleSchema = <T extends string, P extends TProperties>(type: T, own: P) =>
  Type.Object({ type: Type.Literal(type), ...own }, { additionalProperties: false });

/** What is known of the kind of a rule; one of a newer version, which nobody here knows, says so of itself. */
export const specOf = (specs: readonly RuleSpec[], { type }: { type: string }): RuleSpec =>
  specs.find((one) => one.type === type) ?? {
    ...unknown,
    type,
    phrase: () => `by an unknown rule (${type})`,
  };

const unknown = { label: 'Unknown', schema: () => Type.Object({}), create: () => ({}), fields: [] };
