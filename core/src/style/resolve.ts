import { valueAt } from '../base/maps/index.js';
import type { Brand } from './brand.js';
import { isLength, styleProperties } from './properties.js';
import { roleStyle, type Role } from './roles/index.js';
import { aliasPath, readTokens, type Token } from './tokens.js';
import {
  conditionsHolding,
  type Condition,
  type ConditionParts,
  type StyleSheet,
  type Value,
  setIn,
} from './values.js';

/** The level that set a value, weakest first. */
export const levels = ['brand', 'placement', 'look', 'widget', 'element'] as const;
export type Level = (typeof levels)[number];

export interface Origin {
  level: Level;
  /** The screen or state the value was set for. */
  condition: Condition;
  /** The id of the look, where one set it. */
  look?: string;
  /** The token the value refers to, if it does. */
  token?: string;
}

export interface ResolvedValue {
  value: Value;
  /** The value with aliases followed, as CSS text without variables. */
  css: string;
  origin: Origin;
}

/** The style sheets that speak for one element, one a level. */
export interface StyleSources {
  role: Role;
  /** The role's sheet, where it is not the plain one. */
  brand?: StyleSheet;
  /** What the placement sets for the widget's own box. */
  placement?: StyleSheet;
  /** Its own look, then those of what is around it that speak of its role; strongest first. */
  looks?: readonly { id: string; style: StyleSheet }[];
  widget?: StyleSheet;
  element?: StyleSheet;
}

/** Looks up the sheet of each level, strongest first. */
function sheets(sources: StyleSources): { level: Level; sheet: StyleSheet | undefined; look?: string }[] {
  return [
    { level: 'element', sheet: sources.element },
    { level: 'widget', sheet: sources.widget },
    ...(sources.looks ?? []).map(({ id, style }) => ({ level: 'look' as const, sheet: style, look: id })),
    { level: 'placement', sheet: sources.placement },
    { level: 'brand', sheet: sources.brand ?? roleStyle(sources.role) },
  ];
}

/**
 * Finds the value of one property and the level that set it.
 *
 * A state outranks rest, and a narrower screen outranks a wider one, whatever the level; within one condition the
 * element outranks the widget, the widget the look, and the look the brand.
 *
 * @returns `null` when no level sets the property
 */
export function resolveValue(
  sources: StyleSources,
  part: string,
  property: string,
  wanted: ConditionParts,
  tokens: ReadonlyMap<string, Token>,
): ResolvedValue | null {
  for (const condition of conditionsHolding(wanted)) {
    for (const { level, sheet, look } of sheets(sources)) {
      const value = setIn(sheet, part, condition, property);
      if (value === undefined) continue;
      const token = aliasPath(value) ?? undefined;
      const origin: Origin = { level, condition, ...(look && { look }), ...(token && { token }) };
      return { value, css: literalCss(property, value, tokens), origin };
    }
  }
  return null;
}

function literalCss(name: string, value: Value, tokens: ReadonlyMap<string, Token>): string {
  const path = aliasPath(value);
  if (path) return tokens.get(path)?.css ?? '';
  const property = valueAt(styleProperties, name);
  const unit = property && isLength(property) ? 'px' : '';
  return (Array.isArray(value) ? value : [value])
    .map((item) =>
      typeof item === 'number'
        ? `${item}${unit}`
        : item.replace(/\{([\w.-]+)\}/g, (_, inner: string) => tokens.get(inner)?.css ?? ''),
    )
    .join(' ');
}

const tokenCache = new WeakMap<Brand['tokens'], ReadonlyMap<string, Token>>();

/** The brand's tokens, read once per token tree: the stage asks for them at every key press. */
export function brandTokens(brand: Brand): ReadonlyMap<string, Token> {
  let tokens = tokenCache.get(brand.tokens);
  if (!tokens) tokenCache.set(brand.tokens, (tokens = readTokens(brand.tokens)));
  return tokens;
}
