import { valueAt } from '../../../base/maps/index.js';
import { setting, titleOf, type Rule } from '../finding.js';

/** Headings that leave a level out (WCAG 2.2, 1.3.1). The first of a scene may be of any level: a page stands around it. */
export const headingsRule: Rule = ({ document, faces }) =>
  faces.flatMap(({ ids }) => {
    let before: number | null = null;
    return ids.flatMap((id) => {
      const element = valueAt(document.elements, id);
      if (element?.type !== 'text' || element.level === 0) return [];
      const from = before;
      before = element.level;
      if (from === null || element.level <= from + 1) return [];
      before = from + 1;
      return [
        {
          element: id,
          text: `${titleOf(element)}: a heading of level ${element.level} follows one of level ${from}`,
          repair: { label: `Make it level ${from + 1}`, operation: setting(id, ['level'], from + 1) },
        },
      ];
    });
  });
