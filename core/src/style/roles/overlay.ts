import { boxStyle, closeStyle, regionStyle } from './shared-styles.js';
import { pressed, background, styleGroup, boxGroups, regionGroups } from './groups.js';
import { defineRole } from './role.js';

export const overlay = defineRole({
  name: 'Overlay',
  style: {
    box: { base: { background: '{color.ground}', ...boxStyle, shadow: '{shadow.raised}' } },
    header: regionStyle,
    body: { base: {} },
    footer: regionStyle,
    backdrop: { base: { background: '{color.veil}' } },
    close: closeStyle,
    launcher: {
      base: {
        background: '{color.accent}',
        color: '{color.on-accent}',
        radius: 28,
        padding: [12, 18, 12, 18],
        shadow: '{shadow.raised}',
        fontWeight: 600,
      },
      hover: { background: '{color.accent-strong}' },
    },
  },
  groups: [
    ...boxGroups,
    styleGroup('Backdrop', 'backdrop', background),
    styleGroup('Close button', 'close', {
      properties: ['color', 'fontSize', 'background', 'radius'],
      rare: ['margin', 'padding', 'borderColor', 'borderWidth', 'opacity', 'transition'],
    }),
    styleGroup('Launcher', 'launcher', pressed),
    ...regionGroups,
  ],
  inside: ['title', 'text', 'button', 'field'],
});
