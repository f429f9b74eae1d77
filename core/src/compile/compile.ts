import { valueAt } from '../base/maps/index.js';
import { childrenOf, scenesOf, type WidgetDocument } from '../document/widget/index.js';
import { definitionOf, plainText, type Element, type RenderContext } from '../document/elements/index.js';
import type { PartName } from '../document/parts/index.js';
import { noForeign } from '../base/html/no-foreign.js';
import type { Foreign } from '../base/html/foreign.js';
import { defaultLanguage, directionOf, messagesIn } from '../base/messages/index.js';
import { exitTime, motionCss } from '../style/motion/index.js';
import { closingOf, remainsCss, standOf, surfaceRole } from '../document/placement/index.js';
import { remainsOf } from './remains.js';
import { safeAddress } from '../base/sanitise/index.js';
import { brandTokens, fontsIn, tokenVariable, withoutIdle, type Brand, type Role } from '../style/index.js';
import { elementClass, lookClass, ownClass, roleClass, typeClass, variantClass } from './classes.js';
import type { CompiledWidget } from './compiled.js';
import { formRules } from './form-rules.js';
import { styleLayers } from './layers.js';
import { shownElements, type Shown } from './shown.js';
import { h, Html, join } from '../base/html/index.js';
import { joinRules, layersCss } from './rules.js';
import { lookOfBox, lookOfElement } from './worn-looks.js';
import { closeHtml, shutCss, surfaceCss, unseenCss } from './surface.js';

/**
 * Compiles a widget: the one step between what a designer edits and what visitors get. Pure; the same document and
 * brand always give the same text, so the outcome can be addressed by its content.
 *
 * @param foreign makes markup, drawings and style sheets of the designer's own safe; without it they are left out
 * @throws TokenError when the brand's tokens can't be read
 */
export function compileWidget(
  document: WidgetDocument,
  brand: Brand,
  foreign: Foreign = noForeign,
): CompiledWidget {
  const shown = shownElements(document);
  const language = document.language ?? brand.language ?? defaultLanguage;
  const messages = messagesIn(language);
  const around: Around = { foreign, logo: brand.logo, messages, looks: brand.looks };
  const region = (root: string | undefined) => (root ? elementHtml(document, root, around).text : '');
  const scenes = Object.fromEntries(
    scenesOf(document).map((name) => [name, region(valueAt(document.scenes, name)?.root)]),
  );
  const label = labelOf(document);
  // A teaser is a button, which a drawing alone does not name.
  if (scenes['teaser'] && isWordless(scenes['teaser']))
    scenes['teaser'] += h('span', { class: 'unseen' }, label).text;
  const [header, footer] = [region(document.regions?.header?.root), region(document.regions?.footer?.root)];
  const html = [header, ...Object.values(scenes), footer].join('');
  const own = document.css ? foreign.css(document.css) : '';
  const remains = remainsOf(document);
  const css = documentCss(document, brand, shown, html) + (remains === null ? '' : remainsCss(remains)) + own;
  return {
    format: 2,
    label,
    lang: language,
    dir: directionOf(language),
    placement: document.placement,
    stand: standOf(document.placement),
    css: variablesCss(css, brand) + css,
    close: closeHtml(document.placement, messages),
    header,
    footer,
    scenes,
    ...(remains !== null && { remains }),
    forms: formRules(document, shown, messages, language),
    after: afterwards(document),
    scripts: scriptsOf(shown),
    ...(document.motion?.entrance?.inView && { unseen: true }),
    exit: exitTime(document.motion),
    fonts: fontsIn(brand, css),
  };
}

function scriptsOf(shown: readonly Shown[]): CompiledWidget['scripts'] {
  const needed = new Set<PartName>();
  for (const { element, definition } of shown) {
    const script = definition.script?.(element);
    if (script) needed.add(script);
  }
  return [...needed].sort();
}

const isWordless = (html: string): boolean =>
  !/\S/.test(html.replace(/<[^>]*>/g, '')) && !/ (?:alt|aria-label)="[^"]/.test(html);

/** What assistive technology calls the widget: its first heading, else its name. */
function labelOf({ name, scenes, elements }: WidgetDocument): string {
  const heading = (id: string): Element | undefined => {
    const element = valueAt(elements, id);
    if (element?.type === 'text' && element.level > 0 && !element.hidden) return element;
    for (const child of childrenOf(element)) {
      const found = heading(child);
      if (found) return found;
    }
    return undefined;
  };
  const found = heading(scenes.opening.root);
  return (found?.type === 'text' && plainText(found.content)) || name;
}

/** What is the same for every element of a widget. */
type Around = Pick<RenderContext, 'foreign' | 'logo' | 'messages'> & Pick<Brand, 'looks'>;

interface Written extends Around {
  id: string;
  inner: readonly Html[];
  html: Html;
}

const written = new WeakMap<Element, Written>();

// An element is never changed in place, so what it was written as stands as long as what it holds and what is around it
// are the same: with a thousand elements on the stage, a key press writes one of them and those it stands in.
function elementHtml(document: WidgetDocument, id: string, around: Around): Html {
  const element = valueAt(document.elements, id);
  if (!element || element.hidden) return nothing;
  const inner = childrenOf(element).map((child) => elementHtml(document, child, around));
  const known = written.get(element);
  if (known && known.id === id && isSame(known, around, inner)) return known.html;
  const html = writeElement(element, id, around, inner, () => heldBy(document, element));
  written.set(element, { ...around, id, inner, html });
  return html;
}

/**
 * What an element of a document was written as when it was last compiled; `undefined` where it is hidden or was not. The
 * stage patches one element by it.
 */
export function htmlOf({ elements }: WidgetDocument, id: string): string | undefined {
  const element = valueAt(elements, id);
  return element && !element.hidden ? written.get(element)?.html.text : undefined;
}

const nothing = new Html('');

const isSame = (
  known: Written,
  { foreign, logo, messages, looks }: Around,
  inner: readonly Html[],
): boolean =>
  known.foreign === foreign &&
  known.logo === logo &&
  known.messages === messages &&
  known.looks === looks &&
  known.inner.length === inner.length &&
  known.inner.every((one, at) => one === inner[at]);

function writeElement(
  element: Element,
  id: string,
  around: Around,
  inner: readonly Html[],
  held: () => readonly Element[],
): Html {
  const definition = definitionOf(element);
  const role = definition.role(element);
  const isOwn = (part: string) =>
    valueAt(element.style, part) ?? (part === 'input' && valueAt(element.style, 'placeholder'));
  const own = (part: string) => (isOwn(part) ? ` ${elementClass(id, part)}` : '');
  const worn = lookOfElement(around.looks, element);
  const look = (part: string) => (worn ? ` ${lookClass(worn, part)}` : '');
  const classes = (part: string) => `${roleClass(role, part)}${look(part)}${own(part)}`;
  const named = element.class ? ` ${ownClass(element.class)}` : '';
  const variants = definition.variants?.(element) ?? [];
  const varied = (part: string) =>
    variants
      .filter(({ sheet }) => part === 'box' || valueAt(sheet, part) !== undefined)
      .map(({ name }) => ` ${variantClass(name, part)}`)
      .join('');
  const moving = element.motion || element.after ? ` ${movingClass(id)}` : '';
  return definition.render(element, {
    id,
    box: {
      'data-e': id,
      class: `${typeClass(element.type)} ${classes('box')}${varied('box')}${moving}${named}`,
      ...(element.motion?.entrance?.inView && { 'data-unseen': true }),
    },
    part: (part) => classes(part) + varied(part),
    children: () => join(inner),
    held: () => held().map((one, at) => ({ element: one, html: inner[at] ?? nothing })),
    ...around,
  });
}

/** The elements that one holds, in their order. */
const heldBy = ({ elements }: WidgetDocument, element: Element): Element[] =>
  childrenOf(element).map((child) => valueAt(elements, child) as Element);

const movingClass = (id: string): string => `m-${id}`;

function documentCss(document: WidgetDocument, brand: Brand, shown: readonly Shown[], html: string): string {
  const { placement, motion } = document;
  const roles = partsByRole(document, shown);
  const layers = layersCss(styleLayers(document, brand, shown, roles));
  const structure = [
    surfaceCss(placement, motion?.entrance !== undefined),
    partsCss(document, brand),
    html.includes('unseen') ? unseenCss : '',
    structureCss(document, shown, layers),
  ].join('');
  const styles = withoutIdle(layers, structure + layers);
  return (
    // What makes it stand comes in a layer of its own, so that any style outranks it (CSS Cascade 5, 6.4).
    `@layer structure{${joinRules(structure)}}${shutCss(placement)}${joinRules(styles)}` +
    motionCss({ selector: '.box', name: 'box', motions: motion }) +
    shown
      .map(({ id, element: { motion: motions, after } }) =>
        motions || after
          ? motionCss({ selector: `.${movingClass(id)}`, name: movingClass(id), motions, after })
          : '',
      )
      .join('')
  );
}

function structureCss(document: WidgetDocument, shown: readonly Shown[], styles: string): string {
  // By type first: written out once each, however many elements there are of it.
  const pieces = new Map<string, Set<string>>();
  for (const { element, definition } of shown) {
    const { type } = element;
    const { css, cssFor } = definition;
    const known = pieces.get(type) ?? new Set([css]);
    pieces.set(type, known);
    for (const piece of cssFor?.(element, () => heldBy(document, element)) ?? []) known.add(piece);
  }
  return [...pieces]
    .map(([type, known]) => {
      const { cssWhen = [] } = definitionOf({ type: type as Element['type'] });
      const needed = cssWhen.flatMap((one) => (one.styles.test(styles) ? [one.css] : []));
      return [...new Set([...known, ...needed])].join('').replaceAll('&', `.${typeClass(type)}`);
    })
    .join('');
}

/** The roles that a widget's elements play, each with the parts of it that are there; that of the box comes first. */
function partsByRole(document: WidgetDocument, shown: readonly Shown[]): Map<Role, Set<string>> {
  const roles = new Map<Role, Set<string>>([[surfaceRole(document.placement), new Set()]]);
  for (const { element, definition, role } of shown) {
    const parts = roles.get(role) ?? new Set();
    roles.set(role, parts);
    for (const part of definition.used?.(element) ?? definition.parts) parts.add(part);
  }
  return roles;
}

// An overlay is a column by itself; so the footer of an inline box is at the foot too, however high it is.
const columnCss = '.box{display:flex;flex-direction:column}.scene{flex:1 1 auto}';

// A box that cuts nothing off, for its close button stands above it: what fills its corners is as round as they are.
const roundedCss = ({ header = false, footer = false }) =>
  `${header ? '.header' : '.scene'}{border-start-start-radius:inherit;border-start-end-radius:inherit}` +
  `${footer ? '.footer' : '.scene'}{border-end-start-radius:inherit;border-end-end-radius:inherit}`;

/** What lets the parts of the box reach its rim, and not past its corners. */
function partsCss(document: WidgetDocument, { looks }: Brand): string {
  const { regions, placement, style } = document;
  const has = { header: regions?.header !== undefined, footer: regions?.footer !== undefined };
  const isDivided = has.header || has.footer;
  const worn = valueAt(looks, lookOfBox(looks, document) ?? '')?.style['body'];
  const isStyled = (worn ?? valueAt(style, surfaceRole(placement))?.['body']) !== undefined;
  if (!isDivided && !isStyled) return '';
  const firm = isDivided ? '.header,.footer{flex:none}' : '';
  if (standOf(placement) === 'inline') return `${firm}${isDivided ? columnCss : ''}.box{overflow:clip}`;
  return firm + (closingOf(placement)?.at === 'outside-end' ? roundedCss(has) : '');
}

/**
 * The brand's tokens that a text of CSS refers to, as custom properties; on the box as well, since a page may set those of
 * the same name on everything it holds.
 */
function variablesCss(css: string, brand: Brand): string {
  const used = new Set(css.match(/--[a-z0-9_-]+/gi));
  const lines: string[] = [];
  for (const token of brandTokens(brand).values()) {
    const name = tokenVariable(token.path);
    if (used.has(name)) lines.push(`${name}:${token.css}`);
  }
  return lines.length > 0 ? `:host,.box{${lines.join(';')}}` : '';
}

function afterwards({ afterwards: { visitor }, scenes }: WidgetDocument): CompiledWidget['after'] {
  if (visitor.type === 'page') {
    const address = safeAddress(visitor.address, 'page');
    if (!address) return { type: 'close' };
    return { type: 'page', address, ...(visitor.values && { values: true as const }) };
  }
  if (visitor.type === 'widget') return visitor.opens === '' ? { type: 'close' } : visitor;
  return visitor.type === 'scene' && !scenes.thanks ? { type: 'close' } : { type: visitor.type };
}
