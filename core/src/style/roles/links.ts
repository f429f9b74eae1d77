import { surface, wording, drawn, styleGroup } from './groups.js';
import { defineRole } from './role.js';

export const links = defineRole({
  name: 'Link strip',
  style: {
    box: { base: { gap: '{space.4}' } },
    link: {
      base: { color: '{color.ink}', transition: '{duration.quick}' },
      hover: { color: '{color.accent}' },
    },
    icon: { base: { width: 20 } },
    count: {
      base: {
        background: '{color.accent}',
        color: '{color.on-accent}',
        radius: 99,
        fontSize: 12,
        fontWeight: 600,
        padding: [0, 6, 0, 6],
      },
    },
    divider: { base: { background: '{color.line}' } },
  },
  groups: [
    styleGroup('Strip', 'box', {
      properties: ['gap', 'along', 'background', 'padding', 'radius'],
      rare: surface.rare,
    }),
    styleGroup('Link', 'link', { ...wording, rare: [...wording.rare, 'transition'] }),
    styleGroup('Icon', 'icon', drawn),
    styleGroup('Count', 'count', wording),
    styleGroup('Divider', 'divider', { properties: ['background', 'height', 'width'], rare: [] }),
  ],
});
