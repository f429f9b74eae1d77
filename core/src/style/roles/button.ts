import { surface, typography, measures, wording, drawn, styleGroup } from './groups.js';
import { defineRole } from './role.js';
import { filledStyle } from './shared-styles.js';

export const button = defineRole({
  name: 'Button',
  style: {
    box: { ...filledStyle, base: { ...filledStyle.base, fontSize: '{size.text}' } },
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
