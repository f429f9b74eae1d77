import { DomUtils, parseDocument } from 'htmlparser2';
import { markupProblem, pageBudget } from '../../compile/foreign/index.js';
import type { Sketch } from '../sketch/index.js';
import { nameOf, wordsOf, type HtmlElement } from './naming.js';
import { takeControl } from './take-control.js';

/** A form of a page, as the widget's own elements. */
export interface TakenForm {
  /** What it is called on the page. */
  title: string;
  fields: Sketch[];
  /** What its button says. */
  button: string;
  /** What could not be taken, each as a sentence's beginning: “Colour” (color). */
  left: string[];
}

/** Forms, and controls of one, that are looked at; more are on no page that somebody wrote. */
const mostForms = 20;
const mostControls = 200;

const controls = new Set(['input', 'select', 'textarea', 'button']);

/**
 * Reads the forms of a page: its controls become fields with their labels, types, options and rules (HTML, 4.10). Forms without
 * anything to fill in are left out.
 *
 * @param html a page, or the markup of a form alone
 * @returns `null` where there is more in it, or it is nested deeper, than anyone writes (`pageBudget`)
 * @example takeForms('<form><label>Name <input name="name" required></label></form>')?.[0].fields.length // 1
 */
export function takeForms(html: string): TakenForm[] | null {
  if (markupProblem(html, pageBudget)) return null;
  const document = parseDocument(html);
  const of = (name: string) => DomUtils.getElementsByTagName(name, document, true);
  const forms = of('form').slice(0, mostForms);
  const labels = of('label');
  // Controls without a form around them are one, as scripts send them.
  const roots: (HtmlElement | typeof document)[] = forms.length > 0 ? forms : [document];
  return roots.map((root) => takeForm(root as HtmlElement, labels)).filter(({ fields }) => fields.length > 0);
}

function takeForm(root: HtmlElement, labels: readonly HtmlElement[]): TakenForm {
  const found = DomUtils.findAll((node) => controls.has(node.name), [root]).slice(0, mostControls);
  const taken = new Map<string, Sketch>();
  const left: string[] = [];
  const keys = new Set<string>();
  let button = '';
  for (const control of found) {
    const { attribs, name } = control;
    const isButton = name === 'button';
    const type =
      isButton || name === 'input' ? (attribs['type'] ?? (isButton ? 'submit' : 'text')).toLowerCase() : name;
    if (type === 'submit') {
      button ||= (isButton ? wordsOf(control) : (attribs['value'] ?? '')).slice(0, 120);
      continue;
    }
    if (isButton || ['button', 'reset', 'image'].includes(type)) continue;
    // Those of one name are one question, which the first of them stands for.
    const group = type === 'radio' || type === 'checkbox' ? `${type} ${attribs['name'] ?? ''}` : null;
    if (group !== null && attribs['name'] && taken.has(group)) continue;
    const beside =
      group === null || !attribs['name']
        ? [control]
        : found.filter((one) => one.name === 'input' && isBeside(one, control));
    const label = nameOf(control, labels, beside.length > 1);
    const result = takeControl({ control, type, label, beside, labels });
    if ('left' in result) left.push(result.left);
    else taken.set(group ?? `${taken.size}`, withOwnKey(result.field, keys));
  }
  return { title: titleOf(root), fields: [...taken.values()], button, left };
}

const isBeside = (one: HtmlElement, control: HtmlElement): boolean =>
  one.attribs['name'] === control.attribs['name'] &&
  one.attribs['type']?.toLowerCase() === control.attribs['type']?.toLowerCase();

function withOwnKey(field: Sketch, keys: Set<string>): Sketch {
  const wanted = String(field['key']);
  let key = wanted;
  for (let nth = 2; keys.has(key); nth++) key = `${wanted.slice(0, 36)}_${nth}`;
  keys.add(key);
  return { ...field, key };
}

/** What a form is called: by itself, by its legend, or by the heading before its fields. */
function titleOf(root: HtmlElement): string {
  const heading = DomUtils.findOne((node) => /^(legend|h[1-6])$/.test(node.name), [root]);
  return (root.attribs?.['aria-label'] || (heading ? wordsOf(heading) : '') || 'Form').slice(0, 120);
}
