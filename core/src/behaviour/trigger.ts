import type { PageVisit } from './page.js';

/** A kind of trigger, as visitors run it. */
export interface TriggerKind<T> {
  /** Whether the trigger has happened on this page. */
  fired(trigger: T, visit: PageVisit): boolean;
  /** The moment it will fire without anything else happening, ms since the epoch. */
  dueAt?(trigger: T, visit: PageVisit): number;
}
