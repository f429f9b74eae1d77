import { valueAt } from '../../../base/maps/index.js';
import { surfaceRole } from '../../../document/placement/index.js';
import { titleOf, type Finding, type Rule } from '../finding.js';
import { readingsOf } from './readings.js';

/** Texts whose colours are blended with what is behind: the page decides whether they can be read. */
export const blendRule: Rule = (subject) => {
  const { document } = subject;
  const blending = readingsOf(subject).flatMap(({ reading: { blendedBy } }) =>
    blendedBy === undefined ? [] : [blendedBy],
  );
  return [...new Set(blending)].map((id): Finding => {
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
