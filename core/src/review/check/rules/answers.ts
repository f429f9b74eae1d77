import { leavesOf } from '../../../behaviour/index.js';
import { valueAt } from '../../../base/maps/index.js';
import { parseFormula, type AnswerCondition, type FormTree } from '../../../form/index.js';
import type { Element } from '../../../document/elements/index.js';
import { formFields, formulaFields, withDescendants } from '../../../document/widget/index.js';
import { seen, titleOf, type Finding, type Rule, type Subject } from '../finding.js';

type FormField = ReturnType<typeof formFields>[number];

/** Formulas and conditions of a form that can't be read, go by no field, or wait for themselves; steps that lead nowhere. */
export const answersRule: Rule = (subject) => {
  const forms = seen(subject).filter(([, { type }]) => type === 'form');
  return forms.flatMap(([form]) => {
    const { elements } = subject.document;
    const fields = formFields(elements, form);
    const inside = withDescendants(elements, form).map((id): [string, Element] => [
      id,
      valueAt(elements, id) as Element,
    ]);
    return [
      ...formulas(inside, fields),
      ...inside.flatMap(([id, element]) => conditions(id, element, fields)),
      ...steps(subject, inside),
    ];
  });
};

function formulas(inside: readonly [string, Element][], fields: readonly FormField[]): Finding[] {
  const types = formulaFields(fields);
  const uses = new Map<string, readonly string[]>();
  const findings: Finding[] = [];
  for (const [id, element] of inside) {
    if (element.type !== 'calculation' || element.formula.trim() === '') continue;
    const formula = parseFormula(element.formula, types);
    if (formula.ok) uses.set(element.key, formula.names);
    else
      findings.push({
        element: id,
        severity: 'error',
        text: `${titleOf(element)}: the formula ${formula.reason}`,
      });
  }
  for (const [id, element] of inside) {
    const valid = element.type === 'field' && element.valid;
    const test = valid ? parseFormula(valid, types, 'truth') : null;
    if (test && !test.ok)
      findings.push({
        element: id,
        severity: 'error',
        text: `${titleOf(element)}: “Valid only if” ${test.reason}`,
      });
  }
  for (const [id, element] of inside)
    if (element.type === 'calculation' && comesBackTo(element.key, uses))
      findings.push({
        element: id,
        severity: 'error',
        text: `${titleOf(element)}: the formula is calculated from itself`,
      });
  return findings;
}

/** Whether a value is calculated from itself, directly or by others. */
function comesBackTo(key: string, uses: ReadonlyMap<string, readonly string[]>): boolean {
  const met = new Set<string>();
  const ahead = [...(uses.get(key) ?? [])];
  for (let next = ahead.pop(); next !== undefined; next = ahead.pop()) {
    if (next === key) return true;
    if (met.has(next)) continue;
    met.add(next);
    ahead.push(...(uses.get(next) ?? []));
  }
  return false;
}

function conditions(id: string, element: Element, fields: readonly FormField[]): Finding[] {
  const trees: (FormTree | undefined)[] = [
    element.when,
    element.type === 'field' ? element.requiredWhen : undefined,
  ];
  const leaves = trees.flatMap((tree): AnswerCondition[] => (tree ? leavesOf(tree) : []));
  return leaves.flatMap((leaf): Finding[] => {
    const reason = whyNever(leaf, id, fields);
    return reason ? [{ element: id, severity: 'warning', text: `${titleOf(element)}: ${reason}` }] : [];
  });
}

/** Why a condition can't be as it is meant; `null` where it can. */
function whyNever(
  { field: name, how, value }: AnswerCondition,
  id: string,
  fields: readonly FormField[],
): string | null {
  const field = fields.find(({ key }) => key === name);
  if (name === '') return 'a condition names no field yet';
  if (!field) return `a condition names the field “${name}”, which is not in the form`;
  if (field.element === id) return 'a condition goes by its own answer';
  const isChosen = (how === 'equals' || how === 'one-of') && field.options !== undefined;
  const wanted = how === 'one-of' ? value.split(',') : [value];
  const known = field.options?.map((option) => option.toLowerCase()) ?? [];
  return isChosen && !wanted.some((one) => known.includes(one.trim().toLowerCase()))
    ? `a condition waits for “${value}”, which is no option of ${field.label || name}`
    : null;
}

function steps({ document: { elements } }: Subject, inside: readonly [string, Element][]): Finding[] {
  const all = inside.filter(([, { type, hidden }]) => type === 'step' && !hidden);
  return all.slice(0, -1).flatMap(([id, step]): Finding[] => {
    const held = withDescendants(elements, id).map((one) => valueAt(elements, one));
    const leads = held.some((one) => one?.type === 'button' && !one.hidden && one.action.type === 'next');
    return leads
      ? []
      : [{ element: id, severity: 'error', text: `${titleOf(step)}: no button leads to the next step` }];
  });
}
