import { valueAt } from '../base/maps/index.js';
import { isSafeColour, safeImage, wholeImage } from '../base/sanitise/index.js';
import { labelPlaces, labelPlaceCss } from './label-places.js';
import { edges, edgeCss } from './edges.js';
import { isWrittenLength, lengthCss, lengthUnits } from '../base/measure/lengths.js';
import type { TokenGroup } from './token-choice.js';
import { aliasPath, tokenVariable } from './tokens.js';
import type { Value } from './values.js';
import { variableSets } from './variable-sets.js';

export type PropertyKind =
  | 'colour'
  | 'length'
  | 'size'
  | 'sides'
  | 'number'
  | 'keyword'
  | 'font'
  | 'shadow'
  | 'gradient'
  | 'image'
  | 'position';

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
  /** Where its tokens come from, such as `color`; a property without can refer to none. */
  tokens?: TokenGroup;
  /** Whether an element takes the value from what surrounds it. */
  inherited?: boolean;
  /** For numbers that are not plain: what follows them in CSS. */
  unit?: string;
  /** What its plain number counts where that is no unit of CSS, such as `×` for a multiple of the font size. */
  suffix?: string;
  /** The units that a number or length may be written in instead, such as `rem`. */
  units?: readonly string[];
  /** All declarations of a value, where one of `css` does not say it. */
  write?(value: string): string;
}

type Rest = Omit<StyleProperty, 'name' | 'label' | 'kind' | 'css'>;

const lengthKinds: readonly PropertyKind[] = ['length', 'sides', 'size'];

const property = (
  name: string,
  label: string,
  kind: PropertyKind,
  css: string,
  rest: Rest = {},
): StyleProperty => ({
  name,
  label,
  kind,
  css,
  ...(lengthKinds.includes(kind) && { units: lengthUnits }),
  ...rest,
});

// Where a share would have nothing to be a share of.
const absolute = lengthUnits.filter((unit) => unit !== '%');

const inherited = true;
const words = (options: Readonly<Record<string, string>>, rest: Rest = {}): Rest => ({ options, ...rest });
const upTo = (max: number, rest: Rest = {}): Rest => ({ min: 0, max, ...rest });

const fits: Record<string, string> = {
  cover: 'background-size:cover;background-repeat:no-repeat',
  contain: 'background-size:contain;background-repeat:no-repeat',
  original: 'background-size:auto;background-repeat:no-repeat',
  tile: 'background-size:auto;background-repeat:repeat',
};

const flows: Record<string, string> = {
  column: 'display:flex;flex-flow:column',
  'column-reverse': 'display:flex;flex-flow:column-reverse',
  row: 'display:flex;flex-flow:row wrap',
  'row-reverse': 'display:flex;flex-flow:row-reverse wrap',
  grid: 'display:grid',
};

// What is inside follows these variables: the choices are one value of their box, whatever level sets it.
const choiceFlows = variableSets({
  lines: { css: 'display:flex;flex-flow:column' },
  wrapped: { css: 'display:flex;flex-flow:row wrap' },
  columns: { css: 'display:grid;grid-template-columns:repeat(auto-fit,minmax(9em,1fr))' },
  buttons: {
    css: 'display:flex;flex-flow:row wrap',
    cp: '9px 16px',
    cb: '1px solid var(--color-line)',
    cr: 'min(var(--radius-field),22px)',
    cg: 'var(--color-ground)',
    cs: 'var(--color-accent)',
    ct: 'var(--color-on-accent)',
    cm: 'absolute',
    co: '0',
    cl: '2px solid',
  },
});

// Within max() a bare 0 is no length.
const withUnit = (value: string): string => (value === '0' ? '0px' : value);

/** The same corners, none rounder than a box of several lines bears. */
const lowRadius = (value: string): string =>
  value
    .split(' ')
    .map((corner) => `min(${corner},22px)`)
    .join(' ');

/** All style properties, by name. A new one is a line here. */
export const styleProperties: Readonly<Record<string, StyleProperty>> = Object.fromEntries(
  [
    property('background', 'Background', 'colour', 'background-color', { tokens: 'color' }),
    property('gradient', 'Gradient', 'gradient', 'background-image', { tokens: 'gradient' }),
    property('image', 'Background image', 'image', 'background-image'),
    property('imageFit', 'Image size', 'keyword', 'background-size', {
      ...words({ cover: 'Cover', contain: 'Contain', original: 'Original size', tile: 'Tile' }),
      write: (value) => valueAt(fits, value) as string,
    }),
    property('imagePosition', 'Focal point', 'position', 'background-position'),
    property('imageOpacity', 'Image opacity', 'number', 'background-image', upTo(1, { step: 0.05 })),
    property('color', 'Text colour', 'colour', 'color', { tokens: 'color', inherited }),
    property('linkColor', 'Link colour', 'colour', '--link', { tokens: 'color', inherited }),
    property('borderColor', 'Border colour', 'colour', 'border-color', { tokens: 'color' }),
    property(
      'borderWidth',
      'Border width',
      'sides',
      'border-width',
      upTo(40, { units: absolute, tokens: 'dimension' }),
    ),
    property(
      'borderStyle',
      'Border style',
      'keyword',
      'border-style',
      words(
        { solid: 'Solid', dashed: 'Dashed', dotted: 'Dotted', double: 'Double' },
        { tokens: 'strokeStyle' },
      ),
    ),
    property('radius', 'Corner radius', 'sides', 'border-radius', {
      ...upTo(400, { tokens: 'radius' }),
      write: (value) => `border-radius:${value};--low-radius:${lowRadius(value)}`,
    }),
    property('padding', 'Padding', 'sides', 'padding', upTo(400, { tokens: 'space' })),
    property('margin', 'Margin', 'sides', 'margin', { min: -400, max: 400 }),
    property('gap', 'Gap', 'length', 'gap', upTo(400, { tokens: 'space' })),
    property('rowGap', 'Row gap', 'length', 'row-gap', upTo(400, { tokens: 'space' })),
    property('columnGap', 'Column gap', 'length', 'column-gap', upTo(400, { tokens: 'space' })),
    property('width', 'Width', 'size', 'width', upTo(2000)),
    property('minWidth', 'Min width', 'size', 'min-width', upTo(2000)),
    property('maxWidth', 'Max width', 'size', 'max-width', upTo(2000)),
    property('height', 'Height', 'size', 'height', upTo(2000)),
    property('minHeight', 'Min height', 'size', 'min-height', upTo(2000)),
    property('maxHeight', 'Max height', 'size', 'max-height', upTo(2000)),
    property('offsetX', 'Horizontal offset', 'length', '--ox', {
      ...upTo(400),
      write: (value) => `--ox:${withUnit(value)}`,
    }),
    property('offsetY', 'Vertical offset', 'length', '--oy', {
      ...upTo(400),
      write: (value) => `--oy:${withUnit(value)}`,
    }),
    property('shadow', 'Shadow', 'shadow', 'box-shadow', { tokens: 'shadow' }),
    property('opacity', 'Opacity', 'number', 'opacity', upTo(1, { step: 0.05 })),
    property(
      'blend',
      'Blend mode',
      'keyword',
      'mix-blend-mode',
      words({
        normal: 'Normal',
        multiply: 'Multiply',
        screen: 'Screen',
        overlay: 'Overlay',
        darken: 'Darken',
        lighten: 'Lighten',
        'soft-light': 'Soft light',
        difference: 'Difference',
      }),
    ),
    property('backdropBlur', 'Backdrop blur', 'length', 'backdrop-filter', {
      ...upTo(60, { units: absolute }),
      write: (value) => `backdrop-filter:blur(${value})`,
    }),
    property('edge', 'Edge shape', 'keyword', 'clip-path', {
      ...words(edges),
      write: (value) => edgeCss(value),
    }),
    property('font', 'Font', 'font', 'font-family', { tokens: 'font', inherited }),
    property('fontSize', 'Font size', 'length', 'font-size', { min: 8, max: 160, tokens: 'size', inherited }),
    property('fontWeight', 'Font weight', 'number', 'font-weight', {
      min: 100,
      max: 900,
      step: 100,
      tokens: 'fontWeight',
      inherited,
    }),
    property(
      'fontStyle',
      'Font style',
      'keyword',
      'font-style',
      words({ normal: 'Normal', italic: 'Italic' }, { inherited }),
    ),
    property('lineHeight', 'Line height', 'number', 'line-height', {
      min: 0.8,
      max: 3,
      step: 0.05,
      units: ['em', 'rem', '%'],
      suffix: '×',
      tokens: 'number',
      inherited,
    }),
    property('letterSpacing', 'Letter spacing', 'number', 'letter-spacing', {
      min: -0.2,
      max: 1,
      step: 0.01,
      unit: 'em',
      units: ['rem'],
      tokens: 'dimension',
      inherited,
    }),
    property(
      'letterCase',
      'Text case',
      'keyword',
      'text-transform',
      words(
        { none: 'As written', uppercase: 'Uppercase', lowercase: 'Lowercase', capitalize: 'Capitalise' },
        { inherited },
      ),
    ),
    property(
      'decoration',
      'Decoration',
      'keyword',
      'text-decoration-line',
      words({ none: 'None', underline: 'Underline', 'line-through': 'Strikethrough' }),
    ),
    property('textShadow', 'Text shadow', 'shadow', 'text-shadow', { inherited }),
    property(
      'align',
      'Text align',
      'keyword',
      'text-align',
      words({ start: 'Start', center: 'Centre', end: 'End', justify: 'Justify' }, { inherited }),
    ),
    property('flow', 'Direction', 'keyword', 'display', {
      ...words({
        column: 'Column',
        row: 'Row',
        'column-reverse': 'Column, reversed',
        'row-reverse': 'Row, reversed',
        grid: 'Grid',
      }),
      write: (value) => valueAt(flows, value) as string,
    }),
    property('columns', 'Columns', 'number', 'grid-template-columns', {
      min: 1,
      max: 12,
      step: 1,
      write: (value) => `grid-template-columns:repeat(${value},minmax(0,1fr))`,
    }),
    property(
      'across',
      'Align items',
      'keyword',
      'align-items',
      words({ start: 'Start', center: 'Centre', end: 'End', stretch: 'Stretch', baseline: 'Baseline' }),
    ),
    property(
      'along',
      'Justify content',
      'keyword',
      'justify-content',
      words({ start: 'Start', center: 'Centre', end: 'End', 'space-between': 'Space between' }),
    ),
    property(
      'self',
      'Align self',
      'keyword',
      'align-self',
      words({ auto: 'Auto', start: 'Start', center: 'Centre', end: 'End', stretch: 'Stretch' }),
    ),
    property('share', 'Flex grow', 'number', 'flex-grow', {
      min: 0,
      max: 12,
      step: 1,
      write: (value) => `flex:${value} 1 ${value === '0' ? 'auto' : '0'}`,
    }),
    property('shown', 'Visibility', 'keyword', 'display', {
      ...words({ none: 'Hidden' }),
    }),
    property(
      'fit',
      'Object fit',
      'keyword',
      'object-fit',
      words({ cover: 'Cover', contain: 'Contain', none: 'Original size' }),
    ),
    property('focus', 'Focal point', 'position', 'object-position'),
    property('transition', 'Transition', 'number', 'transition', {
      ...upTo(4000, { step: 50, unit: 'ms', tokens: 'duration' }),
    }),
    property('labelAt', 'Label position', 'keyword', 'grid-template', {
      ...words(labelPlaces),
      write: (value) => labelPlaceCss(value),
    }),
    property('choiceFlow', 'Option layout', 'keyword', 'display', {
      ...words({
        lines: 'One per line',
        wrapped: 'Wrapped',
        columns: 'Columns',
        buttons: 'Buttons',
      }),
      write: (value) => valueAt(choiceFlows, value) as string,
    }),
    property('fill', 'Fill', 'colour', '--fill', { tokens: 'color' }),
  ].map((one) => [one.name, one]),
);

const shadowText = /^(none|[0-9a-z#%.,()/\s-]{1,300})$/i;
const fontText = /^[\p{L}\p{N}\s,'"_-]{1,200}$/u;
const gradientText =
  /^(none|(repeating-)?(linear|radial|conic)-gradient\((?:[^();{}"'\\<>]|\([^();{}"'\\<>]*\)){1,400}\))$/i;
const positionText = /^\d{1,3}(\.\d+)?% \d{1,3}(\.\d+)?%$/;
const sizeText = /^(auto|fit-content|\d{1,3}%)$/;
/** Aliases inside a longer value, such as the stops of a gradient. */
const inside = /\{([A-Za-z0-9_-]+(?:\.[A-Za-z0-9_-]+)*)\}/g;
const isForeign = /url|image|expression|import|\/\*/i;

/**
 * Says what is wrong with a value for a property, or `null` when it may be used.
 *
 * @returns a sentence fragment such as "must be between 0 and 400"
 */
export function valueProblem(name: string, value: unknown): string | null {
  const known = valueAt(styleProperties, name);
  if (!known) return `is not a style property`;
  if (aliasPath(value)) return known.tokens ? null : 'cannot refer to a token';
  const { min = 0, max = Infinity } = known;
  const inRange = (n: unknown) => typeof n === 'number' && Number.isFinite(n) && n >= min && n <= max;
  const isMeasure = (one: unknown) => inRange(one) || isWrittenLength(one, known.units ?? [], { min, max });
  const orUnit = known.units ? ', or a length such as 1.5rem' : '';
  const isText = (pattern: RegExp, plain = (text: string) => text) =>
    typeof value === 'string' && pattern.test(plain(value)) && !isForeign.test(value);
  switch (known.kind) {
    case 'colour':
      return typeof value === 'string' && isSafeColour(value) ? null : 'must be a colour, such as #20566b';
    case 'length':
    case 'number':
      return isMeasure(value) ? null : `must be a number between ${min} and ${max}${orUnit}`;
    case 'size':
      return isMeasure(value) || isText(sizeText)
        ? null
        : `must be a number between ${min} and ${max}${orUnit}, 50% or auto`;
    case 'sides':
      return isMeasure(value) || (Array.isArray(value) && value.length === 4 && value.every(isMeasure))
        ? null
        : `must be one number, or four (top, right, bottom, left), between ${min} and ${max}${orUnit}`;
    case 'keyword':
      return typeof value === 'string' && Object.hasOwn(known.options ?? {}, value)
        ? null
        : `must be one of ${Object.keys(known.options ?? {}).join(', ')}`;
    case 'font':
      return isText(fontText) ? null : 'must be a list of font names';
    case 'shadow':
      return isText(shadowText) ? null : 'must be a shadow, such as 0 4px 12px #0003';
    case 'gradient':
      return isText(gradientText, (text) => text.replace(inside, '#000'))
        ? null
        : 'must be a gradient, such as linear-gradient(90deg, #fff, #ddd)';
    case 'position':
      return isText(positionText) ? null : 'must be two percentages, such as 50% 30%';
    case 'image':
      return typeof value === 'string' && (value === 'none' || safeImage(value) !== null)
        ? null
        : 'must be an image of this site, or an address starting with https:';
  }
}

/** A value as CSS text: px for lengths, `var(--…)` for an alias. Assumes the value has passed {@link valueProblem}. */
export function valueCss(of: StyleProperty, value: Value): string {
  const path = aliasPath(value);
  if (path) return `var(${tokenVariable(path)})`;
  if (Array.isArray(value)) return value.map(lengthCss).join(' ');
  if (typeof value === 'number' && isLength(of)) return lengthCss(value);
  if (of.kind === 'image' && value !== 'none') return `url("${wholeImage(safeImage(String(value)) ?? '')}")`;
  const text = typeof value === 'number' ? `${value}${of.unit ?? ''}` : value;
  return of.kind === 'gradient'
    ? text.replace(inside, (_, path: string) => `var(${tokenVariable(path)})`)
    : text;
}

/** Whether its numbers are pixels. */
export const isLength = ({ kind }: StyleProperty): boolean => lengthKinds.includes(kind);
