import { surface, measures, wording, drawn, styleGroup } from './groups.js';
import { defineRole } from './role.js';

export const map = defineRole({
  name: 'Map card',
  style: {
    box: { base: { radius: '{radius.box}', background: '{color.ground}' } },
    words: { base: { padding: '{space.4}' } },
    pin: { base: { color: '{color.accent}' } },
  },
  groups: [
    styleGroup('Card', 'box', surface),
    styleGroup('Text', 'words', wording),
    styleGroup('Pin', 'pin', drawn),
    styleGroup('Size and position', 'box', measures),
  ],
});
