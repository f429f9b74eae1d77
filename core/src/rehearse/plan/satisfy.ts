import {
  leavesOf,
  type AxisValue,
  type Condition,
  type PageVisit,
  type Targeting,
} from '../../behaviour/index.js';
import { mergedAxes } from './classes.js';
import { axisOf, testOf } from './studied.js';

/** One kind of visitor, as far as some conditions tell visitors apart: by what of each axis they are. */
export interface Example {
  /** In words: “a 390 px wide window on a touch screen”. */
  words: string[];
  /** The visit of such a visitor, on the page that was asked about. */
  visit: PageVisit;
}

/** After so many kinds of visitors somebody is taken to be among the rest: better one clash too many than a frozen page. */
const mostSteps = 200_000;

/** Yes, no, or not known yet. */
type Known = boolean | undefined;

interface Question {
  /** The values of an axis that its conditions tell apart, and what each condition of it says of them. */
  values: readonly AxisValue[];
  outcomes: ReadonlyMap<Condition, readonly boolean[]>;
}

/**
 * Finds a visitor for whom all of some trees hold, on one page. Nothing is left to chance: each axis is cut into the kinds that
 * the conditions tell apart, and every choice of kinds is looked at, but for those that can't come to anything any more.
 *
 * @param onPage what a condition on the page alone says of it; `undefined` where it depends on the visitor, or the page is any
 * @returns `null` where there is none
 */
export function satisfy(
  trees: readonly Targeting[],
  visit: PageVisit,
  onPage: (condition: Condition) => Known,
): Example | null {
  const questions = questionsOf(trees, visit, onPage);
  const known = new Map<Condition, boolean>();
  const chosen: AxisValue[] = [];
  const outcome = (condition: Condition): Known => known.get(condition) ?? onPage(condition);

  let steps = 0;
  const search = (at: number): boolean => {
    if (++steps > mostSteps) return true;
    const held = trees.map((tree) => holds(tree, outcome));
    if (held.includes(false)) return false;
    const question = questions[at];
    if (!question) return !held.includes(undefined);
    for (const [index, value] of question.values.entries()) {
      for (const [condition, outcomes] of question.outcomes) known.set(condition, outcomes[index] === true);
      chosen[at] = value;
      if (search(at + 1)) return true;
    }
    for (const condition of question.outcomes.keys()) known.delete(condition);
    return false;
  };
  if (!search(0)) return null;
  if (steps > mostSteps) return { words: [], visit };
  return {
    words: chosen.flatMap(({ words }) => words || []),
    visit: chosen.reduce((next, value) => value.set(next), visit),
  };
}

function questionsOf(
  trees: readonly Targeting[],
  visit: PageVisit,
  onPage: (condition: Condition) => Known,
): Question[] {
  const asked = trees.flatMap((tree) => leavesOf(tree)).filter((leaf) => onPage(leaf) === undefined);
  const free = asked.filter((leaf) => !axisOf(leaf));
  const either = free.map((leaf): Question => ({
    values: [whichever, whichever],
    outcomes: new Map([[leaf, [true, false]]]),
  }));
  return mergedAxes(asked)
    .map((axis): Question => {
      const conditions = asked.filter((leaf) => axisOf(leaf)?.key === axis.key);
      const tests = conditions.map(testOf);
      // Of visitors whom no condition tells apart, one is enough.
      const kinds = new Map<string, [AxisValue, boolean[]]>();
      for (const value of axis.values) {
        const set = value.set(visit);
        const outcomes = tests.map((test) => test(set));
        if (!kinds.has(outcomes.join())) kinds.set(outcomes.join(), [value, outcomes]);
      }
      const told = [...kinds.values()];
      return {
        values: told.map(([value]) => value),
        outcomes: new Map(
          conditions.map((one, at) => [one, told.map(([, outcomes]) => outcomes[at] === true)]),
        ),
      };
    })
    .concat(either)
    .sort((a, b) => a.values.length - b.values.length);
}

/** A page of which is not known whether a condition holds on it. */
const whichever: AxisValue = { id: '', words: '', set: (visit) => visit };

/** Whether a tree holds, by what is known of its conditions (Kleene's logic of three values). */
export function holds(tree: Targeting, outcome: (condition: Condition) => Known): Known {
  if ('type' in tree) return outcome(tree);
  const [list, all] = 'all' in tree ? [tree.all, true] : ['any' in tree ? tree.any : tree.none, false];
  let result: Known = all;
  for (const one of list) {
    const held = holds(one, outcome);
    if (held === !all) {
      result = !all;
      break;
    }
    if (held === undefined) result = undefined;
  }
  return 'none' in tree && result !== undefined ? !result : result;
}
