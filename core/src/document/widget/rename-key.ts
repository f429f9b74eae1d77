import { leavesOf, mapLeaves } from '../../behaviour/index.js';
import { valueAt } from '../../base/maps/index.js';
import { renamedInFormula, type FormTree } from '../../form/index.js';
import { renamedWord } from '../../actions/index.js';
import type { WidgetDocument } from './document.js';
import { formAround } from './form-fields.js';
import type { Operation } from './operations.js';
import { withDescendants } from './tree.js';

/**
 * The edits that give a field another name: what refers to it by its name goes along, in conditions and formulas of its form, and
 * in the conditions and texts of what follows a submission.
 */
export function renameKey(document: WidgetDocument, id: string, to: string): Operation {
  const { elements, afterwards } = document;
  const field = valueAt(elements, id);
  const from = field && 'key' in field ? field.key : to;
  const form = formAround(elements, id);
  const inForm = form === undefined ? [] : withDescendants(elements, form);
  const operations: Operation[] = [{ type: 'set', path: ['elements', id, 'key'], value: to }];
  const change = (path: string[], before: unknown, value: unknown) => {
    if (JSON.stringify(before) !== JSON.stringify(value)) operations.push({ type: 'set', path, value });
  };
  for (const one of inForm) {
    const element = valueAt(elements, one);
    if (!element) continue;
    const trees = {
      when: element.when,
      ...(element.type === 'field' && { requiredWhen: element.requiredWhen }),
    };
    for (const [key, tree] of Object.entries(trees))
      if (tree) change(['elements', one, key], tree, renamedIn(tree, from, to));
    if (element.type === 'field' && element.valid !== undefined)
      change(['elements', one, 'valid'], element.valid, renamedInFormula(element.valid, from, to));
    if (element.type === 'calculation')
      change(['elements', one, 'formula'], element.formula, renamedInFormula(element.formula, from, to));
  }
  const actions = afterwards.actions.map((action) => {
    const texts = Object.entries(action).map(([key, value]) => [
      key,
      typeof value === 'string' ? renamedWord(value, from, to) : value,
    ]);
    const renamed = Object.fromEntries(texts) as typeof action;
    return renamed.when ? { ...renamed, when: renamedIn(renamed.when, from, to) } : renamed;
  });
  change(['afterwards', 'actions'], afterwards.actions, actions);
  return operations.length === 1 ? (operations[0] as Operation) : { type: 'group', operations };
}

const renamedIn = (tree: FormTree, from: string, to: string): FormTree =>
  leavesOf(tree).some(({ field }) => field === from)
    ? mapLeaves(tree, (leaf) => (leaf.field === from ? { ...leaf, field: to } : leaf))
    : tree;
