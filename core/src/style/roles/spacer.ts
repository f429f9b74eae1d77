import { styleGroup } from './groups.js';
import { defineRole } from './role.js';

export const spacer = defineRole({
  name: 'Spacer',
  style: { box: { base: { height: 16 } } },
  groups: [styleGroup('Size', 'box', { properties: ['height', 'width', 'shown'], rare: [] })],
});
