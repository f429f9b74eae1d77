import { styleGroup, asBox } from './groups.js';
import { defineRole } from './role.js';

export const plans = defineRole({
  name: 'Price plans',
  style: { box: { base: { gap: '{space.4}' } } },
  groups: [styleGroup('Layout', 'box', { properties: ['gap', 'columns'], rare: [] }), ...asBox()],
  inside: ['plan'],
});
