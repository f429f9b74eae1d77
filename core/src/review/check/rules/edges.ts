import { definitionOf } from '../../../document/elements/index.js';
import { edgeOf, neededEdge } from '../edges.js';
import { labelOfUse, seen, setting, titleOf, type Finding, type Rule } from '../finding.js';

/** The part of an element that is filled in. */
const part = 'input';

/** Inputs that can't be told from what lies around them (WCAG 2.2, 1.4.11). */
export const edgesRule: Rule = (subject) => {
  const { document, brand, images } = subject;
  return seen(subject).flatMap(([id, element]): Finding[] => {
    const { parts, used } = definitionOf(element);
    if (!(used?.(element) ?? parts).includes(part)) return [];
    const { ratio, isBordered, isBlended, repair } = edgeOf(document, brand, id, part, images);
    if (repair === null || isBlended) return [];
    const base = element.style?.[part]?.base;
    return [
      {
        element: id,
        text: `${titleOf(element)}: the border of its input has a contrast of ${ratio.toFixed(1)}, and ${neededEdge} is needed`,
        repair: {
          label: labelOfUse(repair),
          operation: setting(id, ['style', part, 'base'], {
            ...base,
            borderColor: repair,
            ...(!isBordered && { borderWidth: 1, borderStyle: 'solid' }),
          }),
        },
      },
    ];
  });
};
