import { measures, styleGroup } from './groups.js';
import { defineRole } from './role.js';

export const divider = defineRole({
  name: 'Divider',
  style: {
    box: { base: { borderColor: '{color.line}', borderWidth: [1, 0, 0, 0], color: '{color.quiet}' } },
  },
  groups: [
    styleGroup('Line', 'box', {
      properties: ['borderColor', 'borderWidth', 'borderStyle', 'color', 'fontSize'],
      rare: [],
    }),
    styleGroup('Size and position', 'box', measures),
  ],
});
