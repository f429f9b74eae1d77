import { readMeasure, type Measure } from '@sirene/core/base/measure';
import {
  aliasPath,
  brandTokens,
  tokensFor,
  type Brand,
  type NamedToken,
  type StyleProperty,
  type TokenGroup,
  type Value,
} from '@sirene/core/style';

export interface StyleControlProps {
  id: string;
  property: StyleProperty;
  /** The value as set, and as CSS with aliases followed. */
  value: Value | undefined;
  css: string;
  brand: Brand;
  onChange(value: Value): void;
}

/** What stands where nothing is set: what is around speaks for it, or nothing does. */
export const unsetText = ({ inherited }: StyleProperty): string => (inherited ? 'inherited' : 'default');

/** How a field for a number of this property reads what is typed, and what it shows. */
export function fieldOf({ kind, min, max, step, unit, units, suffix }: StyleProperty, value?: Value) {
  const own = kind === 'number' ? unit : 'px';
  return { min, max, step, unit: own, units, suffix: aliasPath(value)?.split('.').at(-1) ?? suffix ?? own };
}

/** What a field for a number shows: the value as set, or what its token stands for. */
export function measureOf(
  property: StyleProperty,
  value: Value | undefined,
  css: string,
): Measure | undefined {
  if (typeof value === 'number') return value;
  if (css === '') return undefined;
  const read = readMeasure(css, fieldOf(property));
  return 'measure' in read ? read.measure : read.nearest;
}

/** The brand's tokens that a property may take; none where it takes none. */
export const tokensOf = (brand: Brand, group: TokenGroup | undefined): NamedToken[] =>
  group ? tokensFor(group, brandTokens(brand)) : [];

/** Tokens as the options of a choice. */
export const brandOptions = (tokens: readonly NamedToken[]): Record<string, string> =>
  Object.fromEntries(tokens.map(({ path, name }) => [`{${path}}`, `Brand: ${name}`]));
