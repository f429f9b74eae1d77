import { Type, type TObject } from '@sinclair/typebox';

/** A part of a rule, as its controls offer it: a number, or a text of so many characters at most. */
export type RuleField =
  | {
      key: string;
      label: string;
      unit: string;
      min: number;
      max: number;
      /** Kept as a share, 0 to 1, and shown in %. */
      share?: boolean;
    }
  | { key: string; label: string; text: number; help?: string };

/** What the studio and the document know of a kind of trigger or of condition, beside how it behaves. One file each. */
export interface RuleSpec<S extends TObject = TObject> {
  type: string;
  label: string;
  /** A function, so that visitors do not load the schema library. */
  schema: () => S;
  create(): Record<string, unknown>;
  /** A trigger in words that follow "appears"; a condition in words that follow "visitors". */
  phrase(rule: never): string;
  fields: readonly RuleField[];
  /** Whether the lines by which a page opens the widget stand below its controls. */
  openers?: boolean;
}

/** What is known of the kind of a rule; one of a newer version, which nobody here knows, says so of itself. */
export const specOf = (specs: readonly RuleSpec[], { type }: { type: string }): RuleSpec =>
  specs.find((one) => one.type === type) ?? {
    ...unknown,
    type,
    phrase: () => `by an unknown rule (${type})`,
  };

const unknown = { label: 'Unknown', schema: () => Type.Object({}), create: () => ({}), fields: [] };
