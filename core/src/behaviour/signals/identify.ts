import type { Deed, Signal } from '../signal.js';

/** The page says whom it knows the visitor as. */
export interface Identified {
  /** Whether they are a member, signed in. */
  member: boolean;
  /** The mailing lists that they are on. */
  lists: readonly string[];
}

/** Most lists that are kept. */
const most = 100;

/**
 * What a page says of who is there: an object for a member, nothing for a guest.
 *
 * @param value whatever the page handed over
 */
export function readIdentity(value: unknown): Identified {
  if (typeof value !== 'object' || value === null) return { member: false, lists: [] };
  const { member, lists } = value as { member?: unknown; lists?: unknown };
  return {
    member: member !== false,
    lists: Array.isArray(lists)
      ? lists.filter((one): one is string => typeof one === 'string').slice(0, most)
      : [],
  };
}

export const identify: Signal<Identified, Identified> = {
  start: { member: false, lists: [] },
  happened: (_, { member, lists }) => ({ member, lists }),
  carried: ({ member, lists }) => ({ member, lists }),
};

/** A rehearsal offers signing in and out where some rule asks, and the lists that are asked for. */
export const identifyDeed: Deed<Identified> = {
  by: 'rule',
  label: ({ member, lists }) =>
    member ? (lists.length > 0 ? `Sign in, on ${lists.join(', ')}` : 'Sign in') : 'Sign out',
  details(rules) {
    const lists = rules.flatMap((one) =>
      one.type === 'lists' && 'lists' in one && Array.isArray(one.lists) ? one.lists.map(String) : [],
    );
    if (lists.length === 0 && !rules.some(({ type }) => type === 'member')) return [];
    return [
      { member: true, lists: [] },
      ...(lists.length > 0 ? [{ member: true, lists: [...new Set(lists)] }] : []),
      { member: false, lists: [] },
    ];
  },
};
