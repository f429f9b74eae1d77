import { isGroup } from '../base/maps/index.js';
import { conditions, valueProblem } from './index.js';
import type { Problem } from '../base/schema/problem.js';

/** Checks the values of a style sheet: known parts, known conditions, and each value by its property. */
export function* styleProblems(sheet: unknown, parts: readonly string[], at: string): Generator<Problem> {
  if (!isGroup(sheet)) {
    yield { path: at, reason: 'must be an object of parts' };
    return;
  }
  for (const [part, byCondition] of Object.entries(sheet)) {
    if (!parts.includes(part))
      yield { path: `${at}.${part}`, reason: `is not a part; the parts are ${parts.join(', ')}` };
    else if (!isGroup(byCondition))
      yield { path: `${at}.${part}`, reason: 'must be an object of conditions' };
    else yield* partProblems(byCondition, `${at}.${part}`);
  }
}

function* partProblems(byCondition: Record<string, unknown>, at: string): Generator<Problem> {
  for (const [condition, values] of Object.entries(byCondition)) {
    if (!conditions.includes(condition))
      yield { path: `${at}.${condition}`, reason: 'is not a known state or screen' };
    else if (!isGroup(values)) yield { path: `${at}.${condition}`, reason: 'must be an object of values' };
    else {
      for (const [property, value] of Object.entries(values)) {
        const reason = valueProblem(property, value);
        if (reason) yield { path: `${at}.${condition}.${property}`, reason };
      }
    }
  }
}
