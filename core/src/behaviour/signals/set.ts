import type { Deed, Signal } from '../signal.js';

/** A value that a page may tell of. */
export type Fact = string | number | boolean;

/** The page tells facts of itself or of the visitor. */
export interface FactsTold {
  facts: Readonly<Record<string, Fact>>;
}

/** Most facts that are kept of one page, and the longest of them, characters. */
const most = 100;
const longest = 200;

const isFact = (value: unknown): value is Fact =>
  typeof value === 'string'
    ? value.length <= longest
    : typeof value === 'number' || typeof value === 'boolean';

/** What of a page's words are facts: of plain values, in plain number. The rest is left out. */
export function readFacts(value: unknown): FactsTold['facts'] {
  if (typeof value !== 'object' || value === null) return {};
  const found: [string, Fact][] = [];
  for (const [name, one] of Object.entries(value) as [string, unknown][]) {
    if (found.length < most && name.length <= longest && isFact(one)) found.push([name, one]);
  }
  return Object.fromEntries(found);
}

export const set: Signal<FactsTold, FactsTold> = {
  start: { facts: {} },
  happened(known, { facts }) {
    const next = { ...known.facts, ...facts };
    return Object.keys(next).length > most ? known : { facts: next };
  },
  carried: ({ facts }) => ({ facts }),
};

/** A rehearsal offers the facts that some rule asks for. */
export const setDeed: Deed<FactsTold> = {
  by: 'rule',
  label: ({ facts }) =>
    `Fact ${Object.entries(facts)
      .map(([name, value]) => `${name}: ${value}`)
      .join(', ')}`,
  details: (rules) => {
    const asked = rules.flatMap((one) => {
      if (one.type !== 'fact' || !('name' in one) || !('value' in one)) return [];
      const [value = ''] = String(one.value).split(',');
      const more = 'how' in one && one.how === 'more' ? 1 : 'how' in one && one.how === 'less' ? -1 : 0;
      return [[String(one.name), more === 0 ? value : Number(value) + more] as const];
    });
    return [...new Map(asked)].map(([name, value]) => ({ facts: { [name]: value } }));
  },
};
