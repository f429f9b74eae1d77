import { readMeasure, type Measure } from '@sirene/core/measure';
import { aliasPath, brandTokens, type Brand, type StyleProperty, type Value } from '@sirene/core/style';

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

export interface NamedToken {
  path: string;
  /** The path below its group. */
  name: string;
  css: string;
}

/** The brand's tokens of a group; of colours, those that other tools have put elsewhere too. */
export function tokensOf(brand: Brand, group: string | undefined): NamedToken[] {
  if (!group) return [];
  return [...brandTokens(brand).values()]
    .filter(({ path, type }) => path.startsWith(`${group}.`) || (group === 'color' && type === 'color'))
    .map(({ path, css }) => ({
      path,
      name: path.startsWith(`${group}.`) ? path.slice(group.length + 1) : path,
      css,
    }));
}
