import { surface, typography, measures, wording, drawn, styleGroup } from './groups.js';
import { defineRole } from './role.js';

export const button = defineRole({
  name: 'Button',
  style: {
    box: {
      base: {
        background: '{color.accent}',
        color: '{color.on-accent}',
        radius: '{radius.button}',
        padding: [11, 20, 11, 20],
        fontSize: '{size.text}',
        fontWeight: 600,
      },
      hover: { background: '{color.accent-strong}' },
    },
    note: { base: { fontSize: '{size.small}', fontWeight: 400 } },
    icon: { base: { width: 20 } },
  },
  groups: [
    styleGroup('Surface', 'box', surface),
    styleGroup('Text', 'box', typography),
    styleGroup('Second line', 'note', wording),
    styleGroup('Icon', 'icon', drawn),
    styleGroup('Size and position', 'box', measures),
  ],
});
