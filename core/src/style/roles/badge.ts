import { asText } from './groups.js';
import { defineRole } from './role.js';

export const badge = defineRole({
  name: 'Badge',
  style: {
    box: {
      base: {
        background: '{color.accent}',
        color: '{color.on-accent}',
        radius: 99,
        padding: [3, 10, 3, 10],
        fontSize: '{size.small}',
        fontWeight: 600,
      },
    },
  },
  groups: asText(),
});
