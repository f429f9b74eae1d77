import { titleOfName } from '../../../behaviour/index.js';
import { opensOf } from '../../../compile/index.js';
import type { Among, Rule } from '../finding.js';

/** Widgets that open each other in turn, so that a visitor who does nothing sees this one again and again. */
export const loopsRule: Rule = ({ document, among }) => {
  if (!among) return [];
  return opensOf(document).flatMap((first) => {
    const way = wayBack(among, first);
    if (!way) return [];
    const names = way.slice(0, -1).map(titleOfName);
    const text =
      names.length === 0
        ? 'At its end it opens itself; each visitor sees that once a page'
        : `At its end it opens ${names.join(', which opens ')}, which opens this one again; each opens once a page`;
    return [{ element: null, severity: 'warning' as const, text }];
  });
};

/** From one widget on, those that are opened one after the other until the widget itself; the shortest way. */
function wayBack({ slug, others }: Among, first: string): string[] | null {
  const known = new Set<string>();
  const ways = [[first]];
  for (let way = ways.shift(); way; way = ways.shift()) {
    const last = way.at(-1) as string;
    if (last === slug) return way;
    if (known.has(last)) continue;
    known.add(last);
    const opens = others.find((one) => one.slug === last)?.opens ?? [];
    for (const next of opens) ways.push([...way, next]);
  }
  return null;
}
