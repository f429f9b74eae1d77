import { pressed, styleGroup } from './groups.js';
import { defineRole } from './role.js';
import { filledStyle } from './shared-styles.js';

export const code = defineRole({
  name: 'Code',
  style: {
    box: { base: { gap: '{space.2}' } },
    code: {
      base: {
        background: '{color.soft}',
        radius: '{radius.field}',
        padding: [10, 14, 10, 14],
        fontWeight: 600,
        letterSpacing: 0.06,
      },
    },
    button: filledStyle,
  },
  groups: [
    styleGroup('Code', 'code', pressed),
    styleGroup('Button', 'button', pressed),
    styleGroup('Layout', 'box', { properties: ['gap'], rare: [] }),
  ],
});
