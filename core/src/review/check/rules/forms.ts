import { valueAt } from '../../../base/maps/index.js';
import {
  createElement,
  definitionOf,
  noticeText,
  toRuns,
  type Element,
} from '../../../document/elements/index.js';
import { freeKey, isSubmit, withDescendants, type Operation } from '../../../document/widget/index.js';
import { inside, seen, titleOf, type Finding, type Rule } from '../finding.js';

/** Forms that can't be sent, ask nothing, or do not say what becomes of what they take. */
export const formsRule: Rule = (subject) => {
  const forms = seen(subject).filter(([, { type }]) => type === 'form');
  const findings = forms.flatMap(([id, element]): Finding[] => {
    const held = inside(subject, id);
    const found: Finding[] = [];
    if (!held.some((one) => isSubmit(one)))
      found.push({ element: id, severity: 'error', text: 'A form has no submit button' });
    if (!held.some((one) => definitionOf(one).answers !== undefined))
      found.push({ element: id, severity: 'warning', text: 'A form has no fields' });
    else if (
      !saysWhatBecomes(subject.faces.find(({ ids }) => ids.includes(id))?.ids, subject.document.elements)
    )
      found.push({
        element: id,
        text: `${titleOf(element)}: no privacy notice says how the data is used`,
        repair: { label: 'Add a legal notice', operation: addNotice(subject.document.elements, id) },
      });
    return found;
  });
  const inForms = new Set(forms.flatMap(([id]) => withDescendants(subject.document.elements, id)));
  const stray = seen(subject).find(([id, element]) => isSubmit(element) && !inForms.has(id));
  if (stray)
    findings.push({ element: stray[0], severity: 'error', text: 'A submit button is outside the form' });
  return findings;
};

function saysWhatBecomes(ids: readonly string[] = [], elements: Readonly<Record<string, Element>>): boolean {
  return ids.some((id) => {
    const element = valueAt(elements, id);
    return element?.type === 'text'
      ? element.notice === true
      : element?.type === 'field' && element.kind === 'consent';
  });
}

function addNotice(elements: Readonly<Record<string, Element>>, id: string): Operation {
  const form = valueAt(elements, id);
  const notice: Element = {
    ...createElement('text'),
    content: toRuns(noticeText),
    notice: true,
    style: { box: { base: { fontSize: '{size.small}', color: '{color.quiet}' } } },
  };
  const own = freeKey('notice', new Set(Object.keys(elements)));
  return {
    type: 'insert',
    branch: { root: own, elements: { [own]: notice } },
    parent: id,
    at: form && 'children' in form ? form.children.length : 0,
  };
}
