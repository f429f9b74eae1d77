import type { Deed, Signal } from '../signal.js';

/** The page tells what the basket of its shop comes to. */
export interface BasketTold {
  /** How many items, and the sum of its lines in the shop's own currency. */
  count: number;
  value: number;
}

/** What is known of the basket. */
export interface BasketKnown {
  basketCount: number;
  basketValue: number;
  /** Whether the page has told of a basket yet, and whether it has changed on this page since. */
  basketTold: boolean;
  basketChanged: boolean;
}

export const basket: Signal<BasketTold, BasketKnown> = {
  start: { basketCount: 0, basketValue: 0, basketTold: false, basketChanged: false },
  happened: (known, { count, value }) => ({
    basketCount: count,
    basketValue: value,
    basketTold: true,
    // What is told first is how it was when the visitor came.
    basketChanged:
      known.basketChanged ||
      (known.basketTold && (known.basketCount !== count || known.basketValue !== value)),
  }),
  carried: ({ basketCount, basketValue, basketTold }) => ({
    basketCount,
    basketValue,
    basketTold,
    basketChanged: false,
  }),
};

/** A rehearsal offers baskets on both sides of what some rule asks for. */
export const basketDeed: Deed<BasketTold> = {
  by: 'rule',
  label: ({ count, value }) => (count === 0 ? 'Empty the basket' : `Basket of ${count} for ${value}`),
  details(rules) {
    const asked = rules.filter(({ type }) => type === 'basket');
    if (asked.length === 0) return [];
    const values = asked.flatMap((one) => ('over' in one ? [Number(one.over) + 1] : []));
    return [{ count: 0, value: 0 }, ...[...new Set([20, ...values])].map((value) => ({ count: 2, value }))];
  },
};

/** What a page's basket comes to; nothing of what is no list of lines with a price and a quantity. */
export function readBasketSums(lines: unknown): BasketTold {
  let [count, value] = [0, 0];
  for (const line of Array.isArray(lines) ? lines : []) {
    const { price, quantity = 1 } = (line ?? {}) as { price?: unknown; quantity?: unknown };
    if (!Number.isFinite(price) || !Number.isFinite(quantity)) continue;
    count += quantity as number;
    value += (price as number) * (quantity as number);
  }
  return { count, value: Math.round(value * 100) / 100 };
}
