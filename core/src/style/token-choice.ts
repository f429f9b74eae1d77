import { valueAt } from '../base/maps/index.js';
import type { Token } from './tokens.js';

/**
 * What a property takes tokens from: a group that every brand has, with the type of its tokens, or a type alone, which
 * token files bring along.
 */
const tokenGroups = {
  color: 'color',
  font: 'fontFamily',
  size: 'dimension',
  space: 'dimension',
  radius: 'dimension',
  duration: 'duration',
  shadow: 'shadow',
  gradient: 'gradient',
  strokeStyle: 'strokeStyle',
  fontWeight: 'fontWeight',
  number: 'number',
  dimension: 'dimension',
} as const;
export type TokenGroup = keyof typeof tokenGroups;

/** A token as a control offers it. */
export interface NamedToken {
  path: string;
  /** The path below its group; the whole path where it stands elsewhere. */
  name: string;
  css: string;
}

/**
 * The tokens that a property may take: those of its group first, then those of its type that a token file has put
 * outside the brand's own groups.
 *
 * @example tokensFor('radius', tokens) // field, button, box, then such as `card.corner` of a file
 */
export function tokensFor(group: TokenGroup, tokens: ReadonlyMap<string, Token>): NamedToken[] {
  const ofType = [...tokens.values()].filter(({ type }) => type === tokenGroups[group]);
  const isOwn = ({ path }: Token) => path.startsWith(`${group}.`);
  const isElsewhere = ({ path }: Token) =>
    group === 'color' || valueAt(tokenGroups, path.split('.')[0] ?? '') === undefined;
  return [
    ...ofType.filter(isOwn).map(({ path, css }) => ({ path, css, name: path.slice(group.length + 1) })),
    ...ofType
      .filter((one) => !isOwn(one) && isElsewhere(one))
      .map(({ path, css }) => ({ path, css, name: path })),
  ];
}
