import { boxStyle, regionStyle } from './shared-styles.js';
import { boxGroups, regionGroups } from './groups.js';
import { defineRole } from './role.js';

export const panel = defineRole({
  name: 'Inline box',
  style: {
    box: { base: { background: '{color.soft}', ...boxStyle } },
    header: regionStyle,
    body: { base: {} },
    footer: regionStyle,
  },
  groups: [...boxGroups, ...regionGroups],
  inside: ['title', 'text', 'button', 'field'],
});
