import { pressed, styleGroup, surface, wording } from './groups.js';
import { defineRole } from './role.js';
import { filledStyle } from './shared-styles.js';

export const chat = defineRole({
  name: 'Chat',
  style: {
    box: { base: { gap: '{space.3}' } },
    name: { base: { fontWeight: 600 } },
    state: { base: { color: '{color.quiet}', fontSize: '{size.small}' } },
    received: { base: { background: '{color.soft}', radius: 14, padding: [9, 13, 9, 13] } },
    sent: {
      base: { background: '{color.accent}', color: '{color.on-accent}', radius: 14, padding: [9, 13, 9, 13] },
    },
    input: {
      base: {
        background: '{color.ground}',
        color: '{color.ink}',
        borderColor: '{color.quiet}',
        borderWidth: [1, 1, 1, 1],
        radius: '{radius.field}',
        padding: [10, 12, 10, 12],
      },
    },
    button: filledStyle,
  },
  groups: [
    styleGroup('Name', 'name', wording),
    styleGroup('State', 'state', wording),
    styleGroup('Received messages', 'received', surface),
    styleGroup('Sent messages', 'sent', surface),
    styleGroup('Input', 'input', surface),
    styleGroup('Send button', 'button', pressed),
    styleGroup('Layout', 'box', { properties: ['gap'], rare: [] }),
  ],
});
