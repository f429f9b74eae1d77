import { asText } from './groups.js';
import { defineRole } from './role.js';

export const text = defineRole({
  name: 'Text',
  style: { box: { base: {} } },
  groups: asText(),
});
