import { valueAt } from '../maps/index.js';
import { h, type Html } from '../html/index.js';
import { icons } from './library.js';

export const iconNames: readonly string[] = Object.keys(icons);

/** An icon of the library as SVG, hidden from screen readers: what it says is said in words beside it. */
export function iconHtml(name: string, className: string): Html | null {
  const shapes = valueAt(icons, name);
  return shapes
    ? h(
        'svg',
        {
          class: className,
          viewBox: '0 0 24 24',
          fill: 'none',
          stroke: 'currentColor',
          'stroke-width': 2,
          'stroke-linecap': 'round',
          'stroke-linejoin': 'round',
          'aria-hidden': 'true',
        },
        ...shapes.map(([tag, attributes]) => h(tag, attributes)),
      )
    : null;
}
