import sanitize from 'sanitize-html';
import { Html } from '../../base/html/index.js';
import { isSafeColour } from '../../base/sanitise/index.js';
import { markupProblem, pieceBudget } from './budget.js';

const shapes =
  'svg g path circle ellipse rect line polyline polygon text tspan title desc defs clipPath mask linearGradient radialGradient stop symbol'.split(
    ' ',
  );

const numbers =
  'd x y x1 x2 y1 y2 cx cy r rx ry fx fy width height points transform viewBox preserveAspectRatio offset pathLength opacity fill-opacity stroke-opacity stop-opacity stroke-width stroke-linecap stroke-linejoin stroke-miterlimit stroke-dasharray stroke-dashoffset fill-rule clip-rule gradientUnits gradientTransform spreadMethod clipPathUnits maskUnits font-size font-weight text-anchor id xmlns role aria-label aria-hidden'.split(
    ' ',
  );

const paints = ['fill', 'stroke', 'stop-color', 'color', 'clip-path', 'mask'];

/**
 * A drawing from outside with shapes and paints, and nothing else: no scripts, no styles, no addresses, no animation of
 * attributes (SVG 2). References are kept only to what is inside the drawing. Nothing is left of what is too much.
 */
export function safeSvg(source: string): Html {
  if (svgProblem(source)) return new Html('');
  const text = sanitize(source, {
    allowedTags: shapes,
    allowedAttributes: { '*': [...numbers, ...paints] },
    parser: { lowerCaseTags: false, lowerCaseAttributeNames: false, xmlMode: true },
    parseStyleAttributes: false,
    transformTags: { '*': checkPaints },
    nonTextTags: [
      'style',
      'script',
      'textarea',
      'option',
      'noscript',
      'foreignObject',
      'iframe',
      'metadata',
      'handler',
    ],
    exclusiveFilter: ({ tag }) => !shapes.includes(tag),
  }).trim();
  // A drawing is one svg; text beside it is not part of it.
  const one = /<svg[\s>][\s\S]*<\/svg>/.exec(text)?.[0];
  return new Html(one?.replace(/^<svg(?![^>]*\bxmlns=)/, '<svg') ?? '');
}

/** Says why a drawing is not read, or `null`. */
export const svgProblem = (source: string): string | null =>
  markupProblem(source, { ...pieceBudget, xml: true });

const inside = /^url\(#[A-Za-z][\w-]{0,60}\)$/;

function checkPaints(tagName: string, attribs: sanitize.Attributes): sanitize.Tag {
  const kept = Object.entries(attribs).filter(([name, value]) => {
    if (!paints.includes(name)) return !/[<>]|url\(|javascript:/i.test(value);
    const plain = value.trim();
    return /^(none|inherit|currentcolor)$/i.test(plain) || inside.test(plain) || isSafeColour(plain);
  });
  return { tagName, attribs: Object.fromEntries(kept) };
}
