import { brandTokens, type Brand, type StyleProperty, type Value } from '@sirene/core/style';

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
export const unsetText = ({ inherited }: StyleProperty): string => (inherited ? 'as around' : 'as it comes');

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
