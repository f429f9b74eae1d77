import { surface, wording, styleGroup } from './groups.js';
import { defineRole } from './role.js';

export const countdown = defineRole({
  name: 'Countdown',
  style: {
    box: { base: { gap: '{space.2}' } },
    unit: { base: { background: '{color.soft}', radius: '{radius.field}', padding: [8, 10, 8, 10] } },
    number: { base: { fontSize: '{size.title}', fontWeight: 600, lineHeight: 1.1 } },
    label: { base: { fontSize: 12, color: '{color.quiet}' } },
    date: { base: { fontSize: 13 } },
  },
  groups: [
    styleGroup('Unit', 'unit', surface),
    styleGroup('Number', 'number', wording),
    styleGroup('Label', 'label', wording),
    styleGroup('End date', 'date', wording),
    styleGroup('Layout', 'box', { properties: ['gap', 'along', 'margin'], rare: [] }),
  ],
});
