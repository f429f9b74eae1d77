import { Type } from '@sinclair/typebox';
import { h } from '../render/html.js';
import { safeAddress } from '../sanitise/index.js';
import { define, elementFields } from './definition.js';

const strict = { additionalProperties: false };

const schema = elementFields('button', {
  label: Type.String({ maxLength: 120 }),
  action: Type.Union([
    Type.Object({ type: Type.Literal('submit') }, strict),
    Type.Object({ type: Type.Literal('close') }, strict),
    Type.Object({ type: Type.Literal('link'), address: Type.String({ maxLength: 2048 }) }, strict),
  ]),
  /** As wide as what holds it, rather than as its text. */
  wide: Type.Boolean(),
});

export const button = define({
  type: 'button',
  label: 'Button',
  icon: 'rectangle-horizontal',
  schema,
  role: () => 'button',
  parts: ['box'],
  container: false,
  create: () => ({ type: 'button', label: 'Send', action: { type: 'submit' as const }, wide: true }),
  title: ({ label }) => label || 'Button without words',
  properties: [
    { path: ['label'], label: 'Words', control: 'line', help: 'Or double-click the button on the stage.' },
    { path: ['action'], label: 'When pressed', control: 'action' },
    { path: ['wide'], label: 'As wide as its container', control: 'toggle' },
  ],
  render({ label, action, wide }, { box }) {
    const attributes = { ...box, class: `${box.class}${wide ? ' wide' : ''}` };
    if (action.type === 'link') {
      return h(
        'a',
        { ...attributes, href: safeAddress(action.address), 'data-act': 'link' },
        h('span', {}, label),
      );
    }
    const type = action.type === 'submit' ? 'submit' : 'button';
    return h('button', { ...attributes, type, 'data-act': action.type }, h('span', {}, label));
  },
  css:
    '&{font:inherit;border:0 solid;cursor:pointer;display:inline-block;align-self:flex-start;text-align:center;' +
    'text-decoration:none;box-sizing:border-box;min-height:44px;min-width:24px}&.wide{align-self:stretch;width:100%}',
  problems: ({ action }) =>
    action.type === 'link' && action.address !== '' && safeAddress(action.address) === null
      ? [['action.address', 'must be a web, mail or telephone address']]
      : [],
});
