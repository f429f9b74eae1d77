import type { Condition } from './conditions/registry.js';
import type { Targeting } from './targeting.js';

type AddressCondition = Extract<Condition, { type: 'address' }>;
export type OtherCondition = Exclude<Condition, AddressCondition>;

/**
 * What lists of pages and of conditions show of a targeting tree, and all that they leave alone: groups inside it, and
 * further address conditions.
 */
export interface TargetingParts {
  /** The pages: the first address condition of the outermost list. */
  pages: Pick<AddressCondition, 'include' | 'exclude'>;
  /** The other conditions of the outermost list, all of which must hold. */
  conditions: OtherCondition[];
  /** What neither list shows, in its order; kept whatever is changed in them. */
  rest: Targeting[];
}

const isCondition = (node: Targeting): node is Condition => 'type' in node;

/** Takes a targeting tree apart. A tree whose outermost group is not `all` is the rest, as one piece. */
export function targetingParts(targeting: Targeting): TargetingParts {
  const nodes = 'all' in targeting ? targeting.all : [targeting];
  let pages: AddressCondition | null = null;
  const conditions: OtherCondition[] = [];
  const rest: Targeting[] = [];
  for (const node of nodes) {
    if (!isCondition(node)) rest.push(node);
    else if (node.type !== 'address') conditions.push(node);
    else if (pages) rest.push(node);
    else pages = node;
  }
  return { pages: pages ?? { include: [], exclude: [] }, conditions, rest };
}

/** A tree made of parts. Taken apart again it has the same ones, and it means what they mean together. */
export function targetingOf({ pages: { include, exclude }, conditions, rest }: TargetingParts): Targeting {
  const own: Targeting[] = include.length + exclude.length > 0 ? [{ type: 'address', include, exclude }] : [];
  // Without pages of its own, the first address condition of the rest would be taken for them.
  const kept = own.length > 0 ? rest : rest.map((node) => (isCondition(node) ? { all: [node] } : node));
  return { all: [...own, ...conditions, ...kept] };
}
