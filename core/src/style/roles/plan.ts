import { surface, typography, wording, pressed, drawn, styleGroup } from './groups.js';
import { defineRole } from './role.js';
import { filledStyle, pillStyle } from './shared-styles.js';

export const plan = defineRole({
  name: 'Price plan',
  style: {
    box: {
      base: {
        background: '{color.ground}',
        padding: '{space.5}',
        radius: '{radius.box}',
        borderColor: '{color.line}',
        borderWidth: 1,
      },
    },
    badge: pillStyle,
    header: { base: { background: '{color.soft}' } },
    icon: { base: { width: 36, color: '{color.accent}' } },
    title: { base: { font: '{font.title}', fontSize: '{size.large}', fontWeight: 600, lineHeight: 1.25 } },
    subtitle: { base: { color: '{color.quiet}', fontSize: '{size.small}' } },
    amount: { base: { fontSize: '{size.display}', fontWeight: 600, lineHeight: 1.2 } },
    old: {
      base: { color: '{color.quiet}', fontSize: '{size.text}', fontWeight: 400, decoration: 'line-through' },
    },
    period: { base: { color: '{color.quiet}', fontSize: '{size.small}', fontWeight: 400 } },
    features: { base: { gap: '{space.2}' } },
    feature: { base: {} },
    even: { base: {} },
    mark: { base: { color: '{color.accent}', width: 18 } },
    button: filledStyle,
  },
  groups: [
    styleGroup('Card', 'box', surface),
    styleGroup('Header', 'header', surface),
    styleGroup('Name', 'title', wording),
    styleGroup('Subtitle', 'subtitle', wording),
    styleGroup('Price', 'amount', wording),
    styleGroup('Original price', 'old', wording),
    styleGroup('Period', 'period', wording),
    styleGroup('Features', 'features', {
      properties: ['gap', 'color', 'fontSize'],
      rare: [...typography.rare],
    }),
    styleGroup('Feature', 'feature', surface),
    styleGroup('Alternate features', 'even', surface),
    styleGroup('List marker', 'mark', drawn),
    styleGroup('Button', 'button', pressed),
    styleGroup('Badge', 'badge', wording),
    styleGroup('Icon', 'icon', drawn),
  ],
});
