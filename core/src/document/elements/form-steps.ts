import { h, join, type Html } from '../../base/html/index.js';
import type { AnyElement, Held } from './definition.js';

/** Whether an element is a step that visitors see. */
export const isStep = ({ type, hidden }: AnyElement): boolean => type === 'step' && !hidden;

/** Where in a form of several steps one is: their names, the present one marked by the part that shows it. */
export const progress = (steps: readonly Held[]): Html =>
  h(
    'ol',
    { class: 'progress' },
    ...steps.map(({ element }, at) =>
      h(
        'li',
        { 'aria-current': at === 0 ? 'step' : null },
        (element as AnyElement & { label: string }).label,
      ),
    ),
  );

/** What a form of several steps holds: each in a box of its own, all but the first hidden. */
export function inSteps(all: readonly Held[]): Html {
  let met = 0;
  return join(
    all.map(({ element, html }) =>
      isStep(element) ? h('div', { class: 'turn', hidden: met++ > 0 }, html) : html,
    ),
  );
}

export const stepsCss =
  '&>.turn{display:contents}&>.progress{display:flex;gap:8px;margin:0;padding:0;list-style:none;font-size:.85em}' +
  '&>.progress>li{flex:1 1 0;min-width:0;padding-block-start:6px;border-block-start:3px solid color-mix(in srgb,currentColor 25%,transparent);overflow-wrap:anywhere}' +
  '&>.progress>[aria-current]{font-weight:600}&>.progress>li:is([aria-current],:has(~[aria-current])){border-color:currentColor}';
