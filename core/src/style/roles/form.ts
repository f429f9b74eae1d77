import { flow, styleGroup, asBox } from './groups.js';
import { defineRole } from './role.js';

export const form = defineRole({
  name: 'Form',
  style: { box: { base: { gap: '{space.3}' } } },
  groups: [styleGroup('Layout', 'box', flow), ...asBox()],
  inside: ['field', 'button', 'text'],
});
