import { surface, measures, drawn, styleGroup } from './groups.js';
import { defineRole } from './role.js';

export const icon = defineRole({
  name: 'Icon',
  style: {
    box: { base: { width: 48 } },
    mark: { base: { width: 28, color: '{color.accent}' } },
  },
  groups: [
    styleGroup('Mark', 'mark', drawn),
    styleGroup('Background', 'box', surface),
    styleGroup('Size and position', 'box', measures),
  ],
});
