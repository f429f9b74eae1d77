import { definitionOf } from '../../../document/elements/index.js';
import { seen, setting, type Rule } from '../finding.js';

/** What has no name for those who don't see it, or nothing to say at all (WCAG 2.2, 1.1.1 and 4.1.2): each kind says it. */
export const namesRule: Rule = (subject) =>
  seen(subject).flatMap(([id, element]) =>
    (definitionOf(element).lacks?.(element as never) ?? []).map(({ text, repair }) => ({
      element: id,
      text,
      ...(repair && {
        repair: {
          label: repair.label,
          operation: 'set' in repair ? setting(id, [repair.set[0]], repair.set[1]) : { type: 'remove', id },
        },
      }),
    })),
  );
