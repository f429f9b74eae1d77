import { childrenOf, withDescendants, type WidgetDocument } from '../widget/index.js';
import { definitionOf, plainText, type Element } from '../elements/index.js';
import type { FormRule } from '../form/index.js';
import { safeAddress } from '../sanitise/index.js';
import { brandTokens, roleStyle, tokenVariable, type Brand, type Role } from '../style/index.js';
import type { CompiledWidget } from './compiled.js';
import { Html, join } from './html.js';
import { layersCss, withoutOverridden, type StyleLayer } from './rules.js';
import { surfaceCss, surfaceRole } from './surface.js';

/**
 * Compiles a widget: the one step between what a designer edits and what visitors get. Pure; the same document and
 * brand always give the same text, so the outcome can be addressed by its content.
 *
 * @throws TokenError when the brand's tokens can't be read
 */
export function compileWidget(document: WidgetDocument, brand: Brand): CompiledWidget {
  const shown = shownElements(document);
  return {
    format: 1,
    label: labelOf(document),
    placement: document.placement,
    css: documentCss(document, brand, shown),
    scenes: Object.fromEntries(
      Object.entries(document.scenes).map(([name, scene]) => [name, elementHtml(document, scene.root).text]),
    ),
    forms: formRules(document, shown),
    after: afterwards(document),
  };
}

function shownElements({ scenes, elements }: WidgetDocument): string[] {
  const visible = (id: string): string[] =>
    elements[id]?.hidden ? [] : [id, ...childrenOf(elements[id]).flatMap(visible)];
  return Object.values(scenes).flatMap((scene) => visible(scene.root));
}

/** What assistive technology calls the widget: its first heading, else its name. */
export function labelOf({ name, scenes, elements }: WidgetDocument): string {
  for (const id of withDescendants(elements, scenes.opening.root)) {
    const element = elements[id];
    if (element?.type === 'text' && element.level > 0 && !element.hidden)
      return plainText(element.content) || name;
  }
  return name;
}

function elementHtml(document: WidgetDocument, id: string): Html {
  const element = document.elements[id];
  if (!element || element.hidden) return new Html('');
  const definition = definitionOf(element);
  const role = definition.role(element);
  const own = (part: string) => (element.style?.[part] ? ` ${elementClass(id, part)}` : '');
  const look = (part: string) => (element.look ? ` ${lookClass(element.look, part)}` : '');
  const classes = (part: string) => `${roleClass(role, part)}${look(part)}${own(part)}`;
  return definition.render(element, {
    id,
    box: { 'data-e': id, class: `t-${element.type} ${classes('box')}` },
    part: classes,
    children: () => join(childrenOf(element).map((child) => elementHtml(document, child))),
  });
}

const suffix = (part: string) => (part === 'box' ? '' : `-${part}`);
const elementClass = (id: string, part: string) => `${id}${suffix(part)}`;
const roleClass = (role: Role, part: string) => `r-${role}${suffix(part)}`;
const lookClass = (look: string, part: string) => `l-${look.replace(/[^a-z0-9]+/gi, '-')}${suffix(part)}`;

function documentCss(document: WidgetDocument, brand: Brand, shown: readonly string[]): string {
  const elements = shown.map((id): [string, Element] => [id, document.elements[id] as Element]);
  const css =
    surfaceCss(document.placement) +
    structureCss(elements) +
    layersCss([
      ...roleLayers(document, elements),
      ...lookLayers(brand, elements),
      ...widgetLayers(document, elements),
      ...elementLayers(elements),
    ]);
  return variablesCss(css, brand) + css;
}

function structureCss(elements: readonly [string, Element][]): string {
  const types = new Map(elements.map(([, element]) => [element.type, definitionOf(element)]));
  return [...types].map(([type, { css }]) => css.replaceAll('&', `.t-${type}`)).join('');
}

function rolesIn(document: WidgetDocument, elements: readonly [string, Element][]): Set<Role> {
  const roles = elements.map(([, element]) => definitionOf(element).role(element));
  return new Set([surfaceRole(document.placement), ...roles]);
}

function roleSelector(role: Role): StyleLayer['selector'] {
  const surface = role === 'overlay' || role === 'panel';
  if (!surface) return (part) => `.${roleClass(role, part)}`;
  return (part) => (part === 'backdrop' ? '.box::backdrop' : `.${part}`);
}

function roleLayers(document: WidgetDocument, elements: readonly [string, Element][]): StyleLayer[] {
  return [...rolesIn(document, elements)].map((role) => ({
    selector: roleSelector(role),
    sheet: withoutOverridden(usedParts(document, role), document.style[role]),
  }));
}

/** The brand's sheet of a role, without the parts that this widget does not have. */
function usedParts({ placement }: WidgetDocument, role: Role) {
  const { backdrop, close, ...rest } = roleStyle(role);
  const overlay = placement.type === 'inline' ? null : placement;
  return {
    ...rest,
    ...(backdrop && overlay?.type === 'centre' && overlay.backdrop && { backdrop }),
    ...(close && overlay?.closing.button && { close }),
  };
}

function lookLayers(brand: Brand, elements: readonly [string, Element][]): StyleLayer[] {
  const used = new Set(elements.flatMap(([, { look }]) => (look ? [look] : [])));
  return [...used].flatMap((name) => {
    const look = brand.looks[name];
    return look ? [{ selector: (part: string) => `.${lookClass(name, part)}`, sheet: look.style }] : [];
  });
}

function widgetLayers(document: WidgetDocument, elements: readonly [string, Element][]): StyleLayer[] {
  return [...rolesIn(document, elements)].flatMap((role) => {
    const sheet = document.style[role];
    return sheet ? [{ selector: roleSelector(role), sheet }] : [];
  });
}

function elementLayers(elements: readonly [string, Element][]): StyleLayer[] {
  return elements.flatMap(([id, { style }]) =>
    style ? [{ selector: (part: string) => `.${elementClass(id, part)}`, sheet: style }] : [],
  );
}

/** The brand's tokens that a text of CSS refers to, as custom properties. */
function variablesCss(css: string, brand: Brand): string {
  const used = new Set(css.match(/--[a-z0-9_-]+/gi));
  const lines: string[] = [];
  for (const token of brandTokens(brand).values()) {
    const name = tokenVariable(token.path);
    if (used.has(name)) lines.push(`${name}:${token.css}`);
  }
  return lines.length > 0 ? `:host{${lines.join(';')}}` : '';
}

function formRules({ elements }: WidgetDocument, shown: readonly string[]): Record<string, FormRule> {
  const forms: Record<string, FormRule> = {};
  for (const id of shown) {
    if (elements[id]?.type !== 'form') continue;
    const fields = withDescendants(elements, id).flatMap((inner) => {
      const element = elements[inner] as Element;
      const rule = shown.includes(inner) ? definitionOf(element).fieldRule?.(element, inner) : undefined;
      return rule ? [rule] : [];
    });
    forms[id] = { fields };
  }
  return forms;
}

function afterwards({ afterwards: { visitor }, scenes }: WidgetDocument): CompiledWidget['after'] {
  if (visitor.type === 'page') {
    const address = safeAddress(visitor.address, 'page');
    return address ? { type: 'page', address } : { type: 'close' };
  }
  return visitor.type === 'scene' && !scenes.thanks ? { type: 'close' } : { type: visitor.type };
}
