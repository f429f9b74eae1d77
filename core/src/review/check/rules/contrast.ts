import { labelOfUse, setting, titleOf, type Finding, type Rule } from '../finding.js';
import { readingsOf } from './readings.js';

/** Text that can't be told from what lies behind it (WCAG 2.2, 1.4.3). */
export const contrastRule: Rule = (subject) =>
  readingsOf(subject).flatMap(({ id, element, part, reading }): Finding[] => {
    // What is blended is told by a rule of its own: neither the ratio nor a repair would be true.
    if (reading.ratio >= reading.needed || reading.blendedBy !== undefined) return [];
    // The brand's own colours first: what is computed belongs to nothing.
    const [own] = reading.brandRepairs;
    const value = own?.alias ?? reading.repair;
    const where = part === 'box' ? '' : ` (${part})`;
    return [
      {
        element: id,
        text: `${titleOf(element)}${where}: contrast is ${reading.ratio.toFixed(1)}, and ${reading.needed} is needed`,
        repair: {
          label: labelOfUse(value),
          operation: setting(id, ['style', part, 'base', 'color'], value),
        },
      },
    ];
  });
