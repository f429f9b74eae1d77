import { pressed, styleGroup } from './groups.js';
import { defineRole } from './role.js';

export const turns = defineRole({
  name: 'Messages in turn',
  style: { box: { base: { gap: '{space.2}' } }, pause: { base: { radius: 6 } } },
  groups: [
    styleGroup('Pause button', 'pause', pressed),
    styleGroup('Layout', 'box', { properties: ['gap'], rare: [] }),
  ],
});
