import { valueAt } from '../../../base/maps/index.js';
import { surfaceRole } from '../../../document/placement/index.js';
import { contrastOf } from '../contrast.js';
import { seen, textsOf, titleOf, type Finding, type Rule } from '../finding.js';

/** Texts whose colours are blended with what is behind: the page decides whether they can be read. */
export const blendRule: Rule = (subject) => {
  const { document, brand } = subject;
  const blending = new Set(
    seen(subject).flatMap(([id, element]) =>
      textsOf(element).map((part) => contrastOf(document, brand, id, part).blendedBy),
    ),
  );
  blending.delete(undefined);
  return [...(blending as Set<string | null>)].map((id): Finding => {
    const element = id === null ? undefined : valueAt(document.elements, id);
    const title = element ? titleOf(element) : 'The widget';
    const style = element ? ['elements', id as string, 'style'] : ['style', surfaceRole(document.placement)];
    return {
      element: id,
      text: `${title}: a blend mode changes the colours of its text; contrast can’t be measured`,
      repair: {
        label: 'Use normal blending',
        operation: { type: 'set', path: [...style, 'box', 'base', 'blend'], value: 'normal' },
      },
    };
  });
};
