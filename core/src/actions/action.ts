import { Type, type TObject, type TProperties } from '@sinclair/typebox';
import { strict } from '../base/schema/index.js';
import { formTree, type Answers, type FormTree } from '../form/index.js';

/**
 * A part of an action, as its controls offer it: lines of mail addresses, a line or a text, both with answers in them, something
 * of the site by its name, a currency, one of a few, or the address of a server.
 */
export type ActionField = { key: string; label: string; help?: string } & (
  | { control: 'addresses' }
  | { control: 'line' | 'text'; max: number; words: boolean }
  | { control: 'named'; max: number; of: 'lists' | 'stages' | 'sheets' | 'tags' | 'widgets' }
  | { control: 'currency' }
  | { control: 'choice'; options: Readonly<Record<string, string>> }
  | { control: 'url' }
);

/** What is known of a kind of action: what follows a submission on the server. One file each, and a handler of the server. */
export interface ActionSpec<S extends TObject = TObject> {
  type: string;
  label: string;
  schema: S;
  /** @param name the widget's name */
  create(name: string): Record<string, unknown>;
  fields: readonly ActionField[];
  /** Who or what is told, as people read it; an action that tells nobody yet does nothing. */
  told(action: never): readonly string[];
  /** What becomes of those told, as it follows their names in a sentence: "is notified by e-mail". */
  phrase(told: readonly string[], action: never): string;
  /** What one delivery of it is called: "Mail to desk@place.example". */
  delivery(target: string): string;
  /** Whether nothing comes of it where the sender has left no address. */
  byAddress?: boolean;
  /** Whether people of the site hear of a submission by it. */
  notifies?: boolean;
  /** Whether whoever sent these answers agrees to it; they do where nothing is said. */
  agreed?(answers: Answers): boolean;
  /** How it can be tried before anybody has sent the form: its mail is looked at, or a server called with what says that it is a test. */
  tried?: 'mail' | 'call';
  /** Checks that a schema can't express: `[path, reason]`. */
  problems?(action: never): readonly (readonly [path: string, reason: string])[];
}

/** What every action has, beside its own. */
export interface AnyAction {
  type: string;
  /** The form, by its element, that it follows alone; every form of the widget where nothing is said. */
  form?: string;
  /** It follows only where this holds of the answers. */
  when?: FormTree;
}

const answers = formTree();

/** The schema of an action: its type, its condition, and what is its own. */
export const actionSchema = <T extends string, P extends TProperties>(type: T, own: P) =>
  Type.Object(
    {
      type: Type.Literal(type),
      ...own,
      form: Type.Optional(
        Type.String({ pattern: '^[a-z][a-z0-9]{0,19}$', description: 'must be the id of a form' }),
      ),
      when: Type.Optional(answers),
    },
    strict,
  );
