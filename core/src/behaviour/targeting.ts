import { kindOf, type Condition } from './conditions/registry.js';
import type { PageVisit } from './page.js';

/** Conditions, nested: all, any or none of them. An empty list of `all` or `none` holds; an empty `any` does not. */
export type Targeting = { all: Targeting[] } | { any: Targeting[] } | { none: Targeting[] } | Condition;

export type Test = (visit: PageVisit) => boolean;

/** Compiles a targeting tree into one closure; done once, since the tree is tested at every event. */
export function compileTargeting(tree: Targeting): Test {
  if ('all' in tree) return combine(tree.all, true);
  if ('any' in tree) return combine(tree.any, false);
  if ('none' in tree) {
    const any = combine(tree.none, false);
    return (visit) => !any(visit);
  }
  // A kind this script does not know comes from a newer server: better not to appear than to appear wrongly.
  return kindOf(tree).compile(tree);
}

function combine(trees: Targeting[], all: boolean): Test {
  const tests = trees.map(compileTargeting);
  const [first, second] = tests;
  if (!first) return () => all;
  if (!second) return first;
  // Most lists have two entries; a direct call spares them the loop (about a third of the time, bench/rules).
  if (tests.length === 2)
    return all ? (visit) => first(visit) && second(visit) : (visit) => first(visit) || second(visit);
  return (visit) => {
    for (const test of tests) if (test(visit) !== all) return !all;
    return all;
  };
}

/** A targeting tree with the outcome of every node, for one page visit. */
export interface TargetingOutcome {
  holds: boolean;
  node: 'all' | 'any' | 'none' | Condition;
  children: TargetingOutcome[];
}

/** Says for every node of a targeting tree whether it holds. */
export function explainTargeting(tree: Targeting, visit: PageVisit): TargetingOutcome {
  const holds = compileTargeting(tree)(visit);
  if ('all' in tree)
    return { holds, node: 'all', children: tree.all.map((child) => explainTargeting(child, visit)) };
  if ('any' in tree)
    return { holds, node: 'any', children: tree.any.map((child) => explainTargeting(child, visit)) };
  if ('none' in tree)
    return { holds, node: 'none', children: tree.none.map((child) => explainTargeting(child, visit)) };
  return { holds, node: tree, children: [] };
}
