import { closingOf } from '../../../document/placement/index.js';
import { seen, type Rule } from '../finding.js';

/** An overlay that nobody can close. */
export const closingRule: Rule = (subject) => {
  const closing = closingOf(subject.document.placement);
  if (!closing || closing.button || closing.escape || closing.backdrop || closing.after) return [];
  const opening = subject.faces.find(({ at }) => at === 'opening')?.ids ?? [];
  const isClosed = seen(subject).some(
    ([id, element]) => opening.includes(id) && element.type === 'button' && element.action.type === 'close',
  );
  if (isClosed) return [];
  return [
    {
      element: null,
      severity: 'warning',
      text: 'Visitors can’t close it',
      repair: {
        label: 'Add a close button',
        operation: { type: 'set', path: ['placement', 'closing', 'button'], value: true },
      },
    },
  ];
};

/** A teaser that is to remain where there is none. */
export const teaserRule: Rule = ({ document }) => {
  const isMissing = closingOf(document.placement)?.teaser !== undefined && !document.scenes.teaser;
  if (!isMissing) return [];
  return [
    {
      element: null,
      severity: 'warning',
      text: 'Its teaser is to remain after closing, but there is no teaser scene',
      repair: {
        label: 'Let nothing remain',
        operation: { type: 'set', path: ['placement', 'closing', 'teaser'], value: undefined },
      },
    },
  ];
};
