import type { Messages } from '../../base/messages/index.js';
import { h } from '../../base/html/index.js';

/** What a label says: its words, and that the field may be left empty where it may. */
export const labelWords = (
  { label, required }: { label: string; required: boolean },
  { optional }: Pick<Messages, 'optional'>,
) => [label, !required && h('span', { class: 'optional' }, ` ${optional}`)] as const;
