import type { TObject } from '@sinclair/typebox';
import type { PageVisit } from './page.js';

/** A kind of condition, as visitors run it. Compiled once a page, tested many times. */
export interface ConditionKind<C> {
  compile(condition: C): (visit: PageVisit) => boolean;
}

/** How the studio offers a kind of condition. */
export interface ConditionSpec<S extends TObject = TObject> {
  type: string;
  label: string;
  /** A function, so that visitors do not load the schema library. */
  schema: () => S;
  create(): Record<string, unknown>;
}
