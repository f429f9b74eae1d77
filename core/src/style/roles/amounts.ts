import { surface, wording, styleGroup } from './groups.js';
import { defineRole } from './role.js';

export const amounts = defineRole({
  name: 'Donation amounts',
  style: {
    box: { base: { gap: '{space.2}' } },
    amount: {
      base: {
        background: '{color.ground}',
        borderColor: '{color.quiet}',
        borderWidth: 1,
        radius: '{radius.field}',
        padding: [10, 14, 10, 14],
      },
      selected: { borderColor: '{color.accent}', background: '{color.soft}' },
    },
    value: { base: { fontWeight: 600, fontSize: '{size.large}' } },
    words: { base: { fontSize: '{size.small}', color: '{color.quiet}' } },
  },
  groups: [
    styleGroup('Price', 'amount', surface),
    styleGroup('Value', 'value', wording),
    styleGroup('Text', 'words', wording),
    styleGroup('Layout', 'box', { properties: ['gap', 'margin'], rare: [] }),
  ],
});
