import type { TObject } from '@sinclair/typebox';
import type { PageVisit } from './page.js';

/** A kind of trigger, as visitors run it. */
export interface TriggerKind<T> {
  /** Whether the trigger has happened on this page. */
  fired(trigger: T, visit: PageVisit): boolean;
  /** The moment it will fire without anything else happening, ms since the epoch. */
  dueAt?(trigger: T, visit: PageVisit): number;
}

/** How the studio offers a kind of trigger. */
export interface TriggerSpec<S extends TObject = TObject> {
  type: string;
  label: string;
  /** A function, so that visitors do not load the schema library. */
  schema: () => S;
  create(): Record<string, unknown>;
}
