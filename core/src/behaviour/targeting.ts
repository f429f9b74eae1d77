import type { ConditionContext } from './condition.js';
import { kindOf, type Condition } from './conditions/registry.js';
import type { PageVisit } from './page.js';
import { compileTree, explainTree, type Outcome, type Tree } from './tree.js';

/** For whom a widget appears. */
export type Targeting = Tree<Condition>;

export type Test = (visit: PageVisit) => boolean;

const nowhere: ConditionContext = { idOf: () => undefined };

// A kind this script does not know comes from a newer server: better not to appear than to appear wrongly.
const compiler =
  (context: ConditionContext) =>
  (condition: Condition): Test =>
    kindOf(condition).compile(condition, context);

/** Compiles a targeting tree into one closure; done once, since the tree is tested at every event. */
export const compileTargeting = (tree: Targeting, context = nowhere): Test =>
  compileTree(tree, compiler(context));

/** A targeting tree with the outcome of every node, for one page visit. */
export type TargetingOutcome = Outcome<Condition>;

/** Says for every node of a targeting tree whether it holds. */
export const explainTargeting = (tree: Targeting, visit: PageVisit, context = nowhere): TargetingOutcome =>
  explainTree(tree, visit, compiler(context));
