import { surface, typography, measures, drawn, styleGroup } from './groups.js';
import { defineRole } from './role.js';

export const list = defineRole({
  name: 'List',
  style: {
    box: { base: { gap: '{space.2}' } },
    item: { base: {} },
    even: { base: {} },
    mark: { base: { color: '{color.accent}', width: 20 } },
  },
  groups: [
    styleGroup('List', 'box', {
      properties: ['gap', 'color', 'fontSize', 'lineHeight'],
      rare: [...typography.rare],
    }),
    styleGroup('Mark', 'mark', drawn),
    styleGroup('Line', 'item', surface),
    styleGroup('Alternate items', 'even', surface),
    styleGroup('Size and position', 'box', measures),
  ],
});
