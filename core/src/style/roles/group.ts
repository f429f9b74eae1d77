import { flow, styleGroup, asBox } from './groups.js';
import { defineRole } from './role.js';

export const group = defineRole({
  name: 'Group',
  style: { box: { base: { gap: '{space.4}' } } },
  groups: [styleGroup('Layout', 'box', flow), ...asBox()],
});
