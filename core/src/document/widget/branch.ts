import { elementProblems } from '../elements/index.js';
import { limits } from './document.js';
import type { Branch } from './operations.js';
import type { Problem } from '../../base/schema/problem.js';
import { treeProblems } from './tree.js';

/** Finds what is wrong with an element, and all it holds, that comes from outside any document. */
export function branchProblems(input: unknown): Problem[] {
  const { root, elements, ...more } = (input ?? {}) as Partial<Branch> & Record<string, unknown>;
  const [unknown] = Object.keys(more);
  if (unknown !== undefined) return [{ path: unknown.slice(0, 80), reason: 'is not a known field' }];
  if (typeof root !== 'string') return [{ path: 'root', reason: 'must be the id of an element' }];
  if (typeof elements !== 'object' || elements === null || Object.keys(elements).length > limits.elements)
    return [{ path: 'elements', reason: `must be elements by id, at most ${limits.elements}` }];
  const problems: Problem[] = [];
  for (const [id, element] of Object.entries(elements)) {
    if (typeof (element as { type?: unknown } | null)?.type !== 'string')
      problems.push({ path: `elements.${id}`, reason: 'must be an element' });
    else problems.push(...elementProblems(id, element));
  }
  if (problems.length === 0) problems.push(...treeProblems({ scenes: { opening: { root } }, elements }));
  return problems.slice(0, 20);
}
