import { valueAt } from '../../base/maps/index.js';
import { h, type Html } from '../../base/html/index.js';
import { illustrations, type Illustration } from './library.js';
import { paintsCss, stage } from './shapes.js';

export { illustrations, type Illustration, type IllustrationName } from './library.js';

const scheme = 'art:';

/** The source of an image that is one of the shipped drawings, such as `art:newsletter`. */
export const illustrationSource = (name: string): string => `${scheme}${name}`;

/** The drawing that a source names; `null` where it names none. */
export const illustrationAt = (src: string): Illustration | null =>
  src.startsWith(scheme) ? (valueAt<Illustration>(illustrations, src.slice(scheme.length)) ?? null) : null;

/** A drawing as SVG, named by what it shows; passed over by screen readers where that is nothing. */
export const illustrationHtml = ({ shapes }: Illustration, alt: string): Html =>
  h(
    'svg',
    {
      viewBox: '0 0 240 160',
      class: 'art',
      ...(alt ? { role: 'img', 'aria-label': alt } : { 'aria-hidden': 'true' }),
    },
    ...stage(),
    ...shapes(),
  );

// A drawing never changes, and the stage compiles at every key press.
const paints = new WeakMap<Illustration, readonly string[]>();

/** The CSS of the paints that a drawing has, a rule each, with `&` for the class of what holds it. */
export function paintsOf(drawing: Illustration): readonly string[] {
  const known = paints.get(drawing) ?? paintsCss(illustrationHtml(drawing, '').text);
  paints.set(drawing, known);
  return known;
}
