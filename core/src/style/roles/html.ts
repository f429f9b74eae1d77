import { asText } from './groups.js';
import { defineRole } from './role.js';

export const html = defineRole({
  name: 'HTML',
  style: { box: { base: {} } },
  groups: asText(),
});
