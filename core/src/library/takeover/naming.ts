import { DomUtils, ElementType } from 'htmlparser2';

export type HtmlElement = ReturnType<typeof DomUtils.getElementsByTagName>[number];

const holding = new Set(['select', 'textarea', 'button', 'script', 'style']);

/** The words of an element, in one line; what can be chosen or entered inside is none of them. */
export const wordsOf = (element: HtmlElement): string => textIn(element).replace(/\s+/g, ' ').trim();

function textIn(element: HtmlElement): string {
  return element.children
    .map((child) => {
      if (child.type === ElementType.Text) return child.data;
      return 'name' in child && !holding.has(child.name) ? textIn(child as HtmlElement) : '';
    })
    .join('');
}

// What only says that something is required.
const tidyLabel = (text: string): string =>
  text
    .replace(/\s*(\*|\((required|optional|pflichtfeld)\))\s*$/i, '')
    .replace(/\s*:\s*$/, '')
    .trim()
    .slice(0, 200);

/**
 * What a control is called (HTML-AAM, accessible names): its label, what names it for screen readers, its placeholder, and else its
 * name in the page's own terms.
 *
 * @param isGroup whether it stands for several, which the legend around them names
 */
export function nameOf(control: HtmlElement, labels: readonly HtmlElement[], isGroup: boolean): string {
  const { attribs } = control;
  const fieldset = around(control, 'fieldset');
  const legend = isGroup && fieldset ? DomUtils.findOne(({ name }) => name === 'legend', [fieldset]) : null;
  const own = isGroup ? '' : labelOf(control, labels);
  const named = [
    legend ? wordsOf(legend) : '',
    own,
    attribs['aria-label'],
    attribs['placeholder'],
    attribs['title'],
  ];
  const found = named.map((text) => tidyLabel(text ?? '')).find((text) => text !== '');
  return found ?? spoken(attribs['name'] ?? attribs['id'] ?? '');
}

/** The words of the label of a control: the one that names it, or the one around it. */
export function labelOf(control: HtmlElement, labels: readonly HtmlElement[]): string {
  const id = control.attribs['id'];
  const label = (id && labels.find(({ attribs }) => attribs['for'] === id)) || around(control, 'label');
  return label ? tidyLabel(wordsOf(label)) : '';
}

/** A name as programs write it, as people would: `first_name` as “First name”. */
function spoken(name: string): string {
  const words = name
    .replace(/\[.*$/, '')
    .replace(/([a-z])([A-Z])/g, '$1 $2')
    .replace(/[_\-.]+/g, ' ')
    .trim()
    .toLowerCase();
  return words === '' ? 'Question' : (words[0] ?? '').toUpperCase() + words.slice(1, 200);
}

/** The key of a control in a submission: its name, in the letters that keys have. */
export function keyOf({ attribs }: HtmlElement, label: string): string {
  const key = (attribs['name'] || label)
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .replace(/([a-z])([A-Z])/g, '$1_$2')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '_')
    .replace(/^[^a-z]+|_+$/g, '')
    .slice(0, 40);
  return key || 'question';
}

function around(control: HtmlElement, name: string): HtmlElement | null {
  for (let node = control.parent; node; node = node.parent)
    if ('name' in node && node.name === name) return node as HtmlElement;
  return null;
}
