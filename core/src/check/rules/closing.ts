import { closingOf } from '../../placement/index.js';
import type { Rule } from '../finding.js';

/** An overlay that can't be closed. */
export const closingRule: Rule = ({ document }) => {
  const closing = closingOf(document.placement);
  if (!closing || closing.button || closing.escape || closing.backdrop || closing.after) return [];
  return [
    {
      element: null,
      text: 'Visitors can’t close it',
      repair: {
        label: 'Add a close button',
        operation: { type: 'set', path: ['placement', 'closing', 'button'], value: true },
      },
    },
  ];
};
