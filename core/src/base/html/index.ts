import { valueAt } from '../maps/index.js';

/** HTML that is known to be safe. Only {@link h} and {@link join} make it; any plain text is escaped on its way in. */
export class Html {
  constructor(readonly text: string) {}
}

export type Child = Html | string | number | null | undefined | false;
export type Attributes = Readonly<Record<string, string | number | boolean | null | undefined>>;

const entities: Record<string, string> = {
  '&': '&amp;',
  '<': '&lt;',
  '>': '&gt;',
  '"': '&quot;',
  "'": '&#39;',
};

/** Escapes text for an HTML text node or a quoted attribute (WHATWG HTML, 13.3). */
export function escapeHtml(text: string): string {
  return text.replace(/[&<>"']/g, (mark) => valueAt(entities, mark) as string);
}

const voidTags = new Set(['br', 'hr', 'img', 'input', 'meta']);

/**
 * Builds one HTML element. Attributes that are false, null or undefined are left out; `true` writes the bare name.
 *
 * @example h('a', { href: '/shop' }, 'To the <shop>').text // '<a href="/shop">To the &lt;shop&gt;</a>'
 */
export function h(tag: string, attributes: Attributes, ...children: Child[]): Html {
  let open = `<${tag}`;
  for (const [name, value] of Object.entries(attributes)) {
    if (value === false || value === null || value === undefined) continue;
    open += value === true ? ` ${name}` : ` ${name}="${escapeHtml(String(value))}"`;
  }
  return new Html(voidTags.has(tag) ? `${open}>` : `${open}>${join(children).text}</${tag}>`);
}

/** Puts pieces one after another. */
export function join(children: readonly Child[]): Html {
  let text = '';
  for (const child of children) {
    if (child === null || child === undefined || child === false) continue;
    text += child instanceof Html ? child.text : escapeHtml(String(child));
  }
  return new Html(text);
}
