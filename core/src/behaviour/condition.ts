import type { PageVisit } from './page.js';

/** What a condition may ask about the site while it is compiled. */
export interface ConditionContext {
  /** The id of a widget by its address name; `undefined` where the site has published none of that name. */
  idOf(slug: string): string | undefined;
}

/** A kind of condition, as visitors run it. Compiled once a page, tested many times. */
export interface ConditionKind<C> {
  /** Whether it goes by what the page says on arriving alone, so that it need not be asked again there. */
  ofPage?: true;
  compile(condition: C, context: ConditionContext): (visit: PageVisit) => boolean;
  /** The moment at which it may come to hold, or to hold no longer, without anything else happening, ms since the epoch. */
  changesAt?(condition: C, visit: PageVisit): number;
}
