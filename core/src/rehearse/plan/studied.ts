import {
  compileTargeting,
  conditionSpecs,
  specOf,
  type Axis,
  type Condition,
  type PageVisit,
} from '../../behaviour/index.js';

interface Studied {
  axis: Axis | undefined;
  test(visit: PageVisit): boolean;
}

// A plan asks the same conditions about every pair of widgets; worked out anew each time, that is most of its work (bench/traffic).
const known = new WeakMap<Condition, Studied>();

function studied(condition: Condition): Studied {
  const before = known.get(condition);
  if (before) return before;
  const next: Studied = {
    axis: specOf(conditionSpecs, condition).axis?.(condition as never),
    // What is remembered of other widgets is kept by their names here, so that an example can say them.
    test: compileTargeting(condition, { idOf: (slug) => slug }),
  };
  known.set(condition, next);
  return next;
}

/** What a condition goes by; `undefined` where that is the page alone. */
export const axisOf = (condition: Condition): Axis | undefined => studied(condition).axis;

/** Whether a condition holds for a visit. */
export const testOf = (condition: Condition): Studied['test'] => studied(condition).test;
