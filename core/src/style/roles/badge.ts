import { asText } from './groups.js';
import { defineRole } from './role.js';
import { pillStyle } from './shared-styles.js';

export const badge = defineRole({
  name: 'Badge',
  style: {
    box: pillStyle,
  },
  groups: asText(),
});
