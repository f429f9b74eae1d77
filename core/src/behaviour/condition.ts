import type { PageVisit } from './page.js';

/** A kind of condition, as visitors run it. Compiled once a page, tested many times. */
export interface ConditionKind<C> {
  compile(condition: C): (visit: PageVisit) => boolean;
}
