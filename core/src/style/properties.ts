import { isSafeColour } from '../sanitise/index.js';
import { aliasPath, tokenVariable } from './tokens.js';
import type { Value } from './values.js';

export type PropertyKind = 'colour' | 'length' | 'sides' | 'number' | 'keyword' | 'font' | 'shadow';

/** A styleable property: how its value is checked, written as CSS, and offered in the inspector. */
export interface StyleProperty {
  name: string;
  label: string;
  kind: PropertyKind;
  /** The CSS property it sets; most share its name in kebab case. */
  css: string;
  /** For lengths and numbers. Lengths are in px. */
  min?: number;
  max?: number;
  step?: number;
  /** For keywords: value and what it is called. */
  options?: Readonly<Record<string, string>>;
  /** The token group whose names are offered, such as `color`. */
  tokens?: string;
  /** Whether an element takes the value from what surrounds it. */
  inherited?: boolean;
}

const define = (property: StyleProperty): StyleProperty => property;

/** All style properties, by name. A new one is a line here. */
export const styleProperties: Readonly<Record<string, StyleProperty>> = Object.fromEntries(
  [
    define({ name: 'background', label: 'Ground', kind: 'colour', css: 'background-color', tokens: 'color' }),
    define({
      name: 'color',
      label: 'Text colour',
      kind: 'colour',
      css: 'color',
      tokens: 'color',
      inherited: true,
    }),
    define({
      name: 'borderColor',
      label: 'Border colour',
      kind: 'colour',
      css: 'border-color',
      tokens: 'color',
    }),
    define({
      name: 'borderWidth',
      label: 'Border width',
      kind: 'sides',
      css: 'border-width',
      min: 0,
      max: 40,
    }),
    define({
      name: 'radius',
      label: 'Corner radius',
      kind: 'sides',
      css: 'border-radius',
      min: 0,
      max: 400,
      tokens: 'radius',
    }),
    define({
      name: 'padding',
      label: 'Padding',
      kind: 'sides',
      css: 'padding',
      min: 0,
      max: 400,
      tokens: 'space',
    }),
    define({ name: 'gap', label: 'Gap', kind: 'length', css: 'gap', min: 0, max: 400, tokens: 'space' }),
    define({ name: 'width', label: 'Width', kind: 'length', css: 'width', min: 0, max: 2000 }),
    define({ name: 'shadow', label: 'Shadow', kind: 'shadow', css: 'box-shadow', tokens: 'shadow' }),
    define({
      name: 'font',
      label: 'Typeface',
      kind: 'font',
      css: 'font-family',
      tokens: 'font',
      inherited: true,
    }),
    define({
      name: 'fontSize',
      label: 'Type size',
      kind: 'length',
      css: 'font-size',
      min: 8,
      max: 160,
      tokens: 'size',
      inherited: true,
    }),
    define({
      name: 'fontWeight',
      label: 'Weight',
      kind: 'number',
      css: 'font-weight',
      min: 100,
      max: 900,
      step: 100,
      inherited: true,
    }),
    define({
      name: 'lineHeight',
      label: 'Line height',
      kind: 'number',
      css: 'line-height',
      min: 0.8,
      max: 3,
      step: 0.05,
      inherited: true,
    }),
    define({
      name: 'align',
      label: 'Alignment',
      kind: 'keyword',
      css: 'text-align',
      options: { start: 'Start', center: 'Centre', end: 'End' },
      inherited: true,
    }),
  ].map((property) => [property.name, property]),
);

const shadowText = /^(none|[0-9a-z#%.,()/\s-]{1,160})$/i;
const fontText = /^[\p{L}\p{N}\s,'"_-]{1,200}$/u;

/**
 * Says what is wrong with a value for a property, or `null` when it may be used.
 *
 * @returns a sentence fragment such as "must be between 0 and 400"
 */
export function valueProblem(name: string, value: unknown): string | null {
  const property = styleProperties[name];
  if (!property) return `is not a style property`;
  if (aliasPath(value)) return property.tokens ? null : 'can not refer to a token';
  const { min = 0, max = Infinity } = property;
  const inRange = (n: unknown) => typeof n === 'number' && Number.isFinite(n) && n >= min && n <= max;
  switch (property.kind) {
    case 'colour':
      return typeof value === 'string' && isSafeColour(value) ? null : 'must be a colour, such as #20566b';
    case 'length':
    case 'number':
      return inRange(value) ? null : `must be a number between ${min} and ${max}`;
    case 'sides':
      return inRange(value) || (Array.isArray(value) && value.length === 4 && value.every(inRange))
        ? null
        : `must be one number, or four (top, right, bottom, left), between ${min} and ${max}`;
    case 'keyword':
      return typeof value === 'string' && value in (property.options ?? {})
        ? null
        : `must be one of ${Object.keys(property.options ?? {}).join(', ')}`;
    case 'font':
      return typeof value === 'string' && fontText.test(value) ? null : 'must be a list of typeface names';
    case 'shadow':
      return typeof value === 'string' && shadowText.test(value) && !/url|image/i.test(value)
        ? null
        : 'must be a shadow, such as 0 4px 12px #0003';
  }
}

/** A value as CSS text: px for lengths, `var(--…)` for an alias. Assumes the value has passed {@link valueProblem}. */
export function valueCss(property: StyleProperty, value: Value): string {
  const path = aliasPath(value);
  if (path) return `var(${tokenVariable(path)})`;
  if (Array.isArray(value)) return value.map(pixels).join(' ');
  if (property.kind === 'length' || property.kind === 'sides') return pixels(value as number);
  return String(value);
}

const pixels = (n: number): string => (n === 0 ? '0' : `${n}px`);
