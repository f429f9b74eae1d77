import { typography, measures, drawn, styleGroup } from './groups.js';
import { defineRole } from './role.js';

export const rating = defineRole({
  name: 'Rating',
  style: { box: { base: { gap: '{space.2}' } }, mark: { base: { color: '{color.accent}', width: 20 } } },
  groups: [
    styleGroup('Text', 'box', typography),
    styleGroup('Star', 'mark', drawn),
    styleGroup('Size and position', 'box', measures),
  ],
});
