import type { Deed, Signal } from '../signal.js';

/** What may happen to an element of the page. */
export type ElementDeed = 'view' | 'click' | 'hover' | 'focus';

/** Something happened to an element of the page that some trigger waits for. */
export interface ElementTouched {
  on: ElementDeed;
  /** As the trigger names it. */
  selector: string;
  /** How much of it was in view, 0 to 1. */
  share: number;
}

/** One text for what a trigger waits for, by which it is found among what has happened. */
export const touchKey = ({
  on,
  selector,
  share,
}: Omit<ElementTouched, 'share'> & { share?: number }): string => `${on === 'view' ? share : on} ${selector}`;

export const element: Signal<
  ElementTouched,
  { /** What has happened on this page, each once. */ touched: readonly string[] }
> = {
  start: { touched: [] },
  happened({ touched }, detail) {
    const key = touchKey(detail);
    return { touched: touched.includes(key) ? touched : [...touched, key] };
  },
};

const words: Record<ElementDeed, string> = { view: 'See', click: 'Click', hover: 'Hover', focus: 'Focus' };

/** A rehearsal offers the elements that some rule waits for. */
export const elementDeed: Deed<ElementTouched> = {
  by: 'rule',
  label: ({ on, selector }) => `${words[on]} ${selector}`,
  details: (rules) => [
    ...new Map(rules.flatMap(touchOf).map((detail) => [touchKey(detail), detail])).values(),
  ],
};

/** What a trigger waits for, where it waits for an element. */
export function touchOf(trigger: { type: string }): ElementTouched[] {
  if (!('selector' in trigger) || !trigger.selector) return [];
  const selector = String(trigger.selector);
  if (trigger.type === 'view' && 'share' in trigger)
    return [{ on: 'view', selector, share: Number(trigger.share) }];
  return 'on' in trigger ? [{ on: trigger.on as ElementDeed, selector, share: 0 }] : [];
}
