import type { TObject } from '@sinclair/typebox';

/** A part of an action, as its controls offer it: lines of mail addresses, or one line of text. */
export type ActionField = { key: string; label: string; help?: string } & (
  { control: 'addresses' } | { control: 'line'; max: number }
);

/** What is known of a kind of action: what follows a submission on the server. One file each, and a handler of the server. */
export interface ActionSpec<S extends TObject = TObject> {
  type: string;
  /** What the studio calls what it tells and those it tells. */
  label: string;
  schema: S;
  /** @param name the widget's name */
  create(name: string): Record<string, unknown>;
  fields: readonly ActionField[];
  /** Who or what is told, as people read it; an action that tells nobody is taken out of the document. */
  told(action: never): readonly string[];
  /** What becomes of those told, as it follows their names in a sentence: "is notified by e-mail". */
  phrase(told: readonly string[]): string;
  /** What one delivery of it is called: "Mail to desk@place.example". */
  delivery(target: string): string;
  /** Checks that a schema can't express: `[path, reason]`. */
  problems?(action: never): readonly (readonly [path: string, reason: string])[];
}
