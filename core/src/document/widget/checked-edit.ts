import type { Branch, Edit, Operation, Path } from './operations.js';
import { applyOperation, OperationError } from './operations.js';
import type { WidgetDocument } from './document.js';
import type { Problem } from '../../base/schema/problem.js';
import { touchedProblems, validateDocument, type Touched } from './validate.js';

/** An edit that was made, or why it was not: nothing else comes of an operation. */
export type CheckedEdit = { ok: true; edit: Edit } | { ok: false; problems: Problem[] };

/**
 * Applies an operation to a sound document, if what comes of it is sound too: so that no document is ever edited into
 * one that can't be saved or published.
 *
 * @example
 * const result = applyChecked(document, { type: 'set', path: ['name'], value: '' });
 * if (!result.ok) console.log(result.problems[0].reason); // 'is empty'
 */
export function applyChecked(document: WidgetDocument, operation: Operation): CheckedEdit {
  try {
    const edit = applyOperation(document, operation);
    const problems = problemsOf(edit.document, operation, document);
    return problems.length > 0 ? { ok: false, problems } : { ok: true, edit };
  } catch (error) {
    if (error instanceof OperationError)
      return { ok: false, problems: [{ path: '', reason: error.message }] };
    throw error;
  }
}

function problemsOf(document: WidgetDocument, operation: Operation, before: WidgetDocument): Problem[] {
  const touched = {
    keys: new Set<string>(),
    elements: new Set<string>(),
    roles: new Set<string>(),
    tree: false,
  };
  if (note(operation, touched)) return touchedProblems(document, touched, before);
  const whole = validateDocument(document, before);
  return whole.ok ? [] : whole.problems;
}

type Notes = { keys: Set<string>; elements: Set<string>; roles: Set<string> } & Pick<Touched, 'tree'>;

/** Notes what an operation touches; `false` where that is more than can be told apart. */
function note(operation: Operation, touched: Notes): boolean {
  switch (operation.type) {
    case 'set':
      return noteSet(operation.path, touched);
    case 'insert':
      noteBranch(operation.branch, touched);
      touched.elements.add(operation.parent);
      touched.tree = true;
      return true;
    case 'move':
      touched.elements.add(operation.parent);
      touched.tree = true;
      return true;
    case 'remove':
      touched.tree = true;
      return true;
    case 'group':
      return operation.operations.every((one) => note(one, touched));
  }
}

/** Keys of an element that say where it may stand and what it may hold. */
const ofTree = new Set(['type', 'children', 'key', 'kind']);

function noteSet([key = '', id, field]: Path, touched: Notes): boolean {
  if (key === 'elements') {
    if (id === undefined) return false;
    touched.elements.add(id);
    touched.tree ||= field === undefined || ofTree.has(field);
  } else if (key === 'style') {
    if (id === undefined) return false;
    touched.roles.add(id);
  } else {
    touched.keys.add(key);
    touched.tree ||= key === 'scenes' || key === 'regions';
  }
  return true;
}

function noteBranch({ elements }: Branch, touched: Notes): void {
  for (const id of Object.keys(elements)) touched.elements.add(id);
}
