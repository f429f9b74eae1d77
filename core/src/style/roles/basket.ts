import { surface, wording, pressed, thumbnail, styleGroup } from './groups.js';
import { defineRole } from './role.js';
import { filledStyle } from './shared-styles.js';

export const basket = defineRole({
  name: 'Basket',
  style: {
    box: { base: { gap: '{space.3}' } },
    line: { base: { borderColor: '{color.line}', borderWidth: [0, 0, 1, 0], padding: [0, 0, 12, 0] } },
    picture: { base: { width: 64, radius: '{radius.field}' } },
    name: { base: { fontWeight: 600 } },
    price: { base: { color: '{color.quiet}', fontSize: '{size.small}' } },
    quantity: { base: { radius: 6 } },
    remove: { base: { radius: 6 } },
    total: { base: { fontWeight: 600, fontSize: '{size.large}' } },
    button: filledStyle,
  },
  groups: [
    styleGroup('Items', 'line', surface),
    styleGroup('Image', 'picture', thumbnail),
    styleGroup('Name', 'name', wording),
    styleGroup('Price', 'price', wording),
    styleGroup('Quantity buttons', 'quantity', pressed),
    styleGroup('Remove button', 'remove', pressed),
    styleGroup('Subtotal', 'total', wording),
    styleGroup('Button', 'button', pressed),
    styleGroup('Layout', 'box', { properties: ['gap'], rare: [] }),
  ],
});
