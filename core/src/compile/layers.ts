import { valueAt } from '../base/maps/index.js';
import { closingOf, hasBackdrop, surfaceRole } from '../document/placement/index.js';
import type { WidgetDocument } from '../document/widget/index.js';
import { mergeSheets, roleStyle, type Brand, type Role, type StyleSheet } from '../style/index.js';
import { remainsOf } from './remains.js';
import { elementClass, lookClass, partSelector, roleClass, typeClass, variantClass } from './classes.js';
import type { Shown } from './shown.js';
import { withoutOverridden, type StyleLayer } from './rules.js';
import { surfaceSheet } from './surface.js';
import { lookOfBox, lookOfElement } from './worn-looks.js';

/** The steps of the cascade in turn: the brand's roles, variants, looks, the widget's roles, and each element's own. */
export function styleLayers(
  document: WidgetDocument,
  brand: Brand,
  shown: readonly Shown[],
  roles: ReadonlyMap<Role, ReadonlySet<string>>,
): StyleLayer[] {
  return [
    ...roleLayers(document, roles),
    ...variantLayers(shown),
    ...lookLayers(document, brand, shown, roles),
    ...widgetLayers(document, roles),
    ...elementLayers(shown),
  ];
}

function roleSelector(role: Role): StyleLayer['selector'] {
  const surface = role === 'overlay' || role === 'panel';
  if (!surface) return (part) => partSelector((one) => roleClass(role, one), part);
  return (part) => (part === 'backdrop' ? '.box::backdrop' : part === 'body' ? '.scene' : `.${part}`);
}

// A surface's padding is that of its scenes, so that a header's and a footer's background reach the rim and what scrolls
// is not cut off before it.
function spreadPadding(role: Role, sheet: StyleSheet): StyleSheet {
  if (role !== 'overlay' && role !== 'panel') return sheet;
  const { box = {}, body = {}, ...rest } = sheet;
  const only = (padding: boolean) =>
    Object.fromEntries(
      Object.entries(box).map(([condition, values]) => [
        condition,
        Object.fromEntries(Object.entries(values).filter(([name]) => (name === 'padding') === padding)),
      ]),
    );
  return { box: only(false), ...mergeSheets({ body: only(true) }, { body }), ...rest };
}

function roleLayers(document: WidgetDocument, roles: ReadonlyMap<Role, ReadonlySet<string>>): StyleLayer[] {
  return [...roles].map(([role, parts]) => ({
    selector: roleSelector(role),
    sheet: spreadPadding(role, withoutOverridden(usedParts(document, role, parts), document.style[role])),
  }));
}

function variantLayers(shown: readonly Shown[]): StyleLayer[] {
  const sheets = new Map<string, StyleSheet>();
  for (const { element, definition } of shown)
    for (const { name, sheet } of definition.variants?.(element) ?? []) sheets.set(name, sheet);
  return [...sheets].map(([name, sheet]) => ({
    selector: (part: string) => `.${variantClass(name, part)}`,
    sheet,
  }));
}

/** The brand's sheet of a role, without the parts that this widget does not have. */
function usedParts(document: WidgetDocument, role: Role, parts: ReadonlySet<string>) {
  if (role !== 'overlay' && role !== 'panel')
    return Object.fromEntries(Object.entries(roleStyle(role)).filter(([part]) => parts.has(part)));
  const { placement, regions } = document;
  const has: Record<string, boolean> = {
    box: true,
    body: true,
    header: regions?.header !== undefined,
    footer: regions?.footer !== undefined,
    backdrop: hasBackdrop(placement),
    close: closingOf(placement)?.button === true,
    launcher: placement.type === 'launcher' || remainsOf(document) !== null,
  };
  return Object.fromEntries(Object.entries(surfaceSheet(placement)).filter(([part]) => valueAt(has, part)));
}

// What a look says of others inside comes first, so that a look of their own outranks it. `:where` weighs nothing.
function lookLayers(
  document: WidgetDocument,
  brand: Brand,
  shown: readonly Shown[],
  roles: ReadonlyMap<Role, unknown>,
): StyleLayer[] {
  const surface = surfaceRole(document.placement);
  const own: StyleLayer[] = [];
  const inner: StyleLayer[] = [];
  const add = (id: string, within: string, selector: StyleLayer['selector'], role?: Role) => {
    const look = valueAt(brand.looks, id);
    if (!look) return;
    own.push({ selector, sheet: role ? spreadPadding(role, look.style) : look.style });
    for (const [inside, sheet] of Object.entries(look.inside ?? {}) as [Role, StyleSheet][])
      if (roles.has(inside))
        inner.push({
          selector: (part) => `:where(${within}) ${partSelector((one) => roleClass(inside, one), part)}`,
          sheet,
        });
  };
  const ofBox = lookOfBox(brand.looks, document);
  if (ofBox) add(ofBox, '.box', roleSelector(surface), surface);
  const worn = new Set<string>();
  for (const { element } of shown) {
    const look = lookOfElement(brand.looks, element);
    if (look) worn.add(look);
  }
  for (const id of worn)
    add(id, `.${lookClass(id, 'box')}`, (part) => partSelector((one) => lookClass(id, one), part));
  const timed = new Map<string, StyleLayer>();
  for (const { element, definition, role } of shown)
    for (const { look, when } of definition.looksWhen?.(element) ?? []) {
      const sheet = valueAt(brand.looks, look)?.style;
      const marked = `.${typeClass(element.type)}${when}`;
      const selector = (part: string) =>
        partSelector(
          (one) => (one === 'box' ? marked.slice(1) : `${marked.slice(1)} .${roleClass(role, one)}`),
          part,
        );
      if (sheet) timed.set(marked, { selector, sheet });
    }
  return [...inner, ...own, ...timed.values()];
}

function widgetLayers(document: WidgetDocument, roles: ReadonlyMap<Role, unknown>): StyleLayer[] {
  return [...roles.keys()].flatMap((role) => {
    const sheet = document.style[role];
    return sheet ? [{ selector: roleSelector(role), sheet: spreadPadding(role, sheet) }] : [];
  });
}

function elementLayers(shown: readonly Shown[]): StyleLayer[] {
  return shown.flatMap(({ id, element: { style } }) =>
    style
      ? [{ selector: (part: string) => partSelector((one) => elementClass(id, one), part), sheet: style }]
      : [],
  );
}
