import { measures, choiceFlow, wording, pressed, tick, styleGroup } from './groups.js';
import { defineRole } from './role.js';

export const field = defineRole({
  name: 'Field',
  style: {
    box: { base: { labelAt: 'above-start', gap: 4 } },
    label: { base: { fontSize: '{size.small}', fontWeight: 600 } },
    input: {
      base: {
        background: '{color.ground}',
        color: '{color.ink}',
        borderColor: '{color.quiet}',
        borderWidth: 1,
        radius: '{radius.field}',
        padding: [9, 12, 9, 12],
        fontSize: '{size.text}',
      },
      error: { borderColor: '{color.danger}' },
    },
    placeholder: { base: { opacity: 0.65 } },
    choices: { base: { choiceFlow: 'lines', gap: '{space.2}' } },
    choice: { base: {} },
    mark: {
      base: {
        width: 20,
        background: '{color.ground}',
        borderColor: '{color.quiet}',
        borderWidth: 1,
        fill: '{color.accent}',
      },
      selected: { borderColor: '{color.accent}' },
    },
    radio: { base: {} },
    checkbox: { base: {} },
    hint: { base: { fontSize: '{size.small}', color: '{color.quiet}' } },
    error: { base: { fontSize: '{size.small}', color: '{color.danger}' } },
  },
  groups: [
    styleGroup('Label', 'label', {
      ...wording,
      rare: [...wording.rare, 'borderColor', 'borderWidth', 'borderStyle', 'shadow'],
    }),
    styleGroup('Label position', 'box', { properties: ['labelAt', 'gap'], rare: [] }),
    styleGroup('Input', 'input', { ...pressed, properties: [...pressed.properties, 'fontSize'] }),
    styleGroup('Placeholder', 'placeholder', {
      properties: ['color', 'opacity', 'fontSize'],
      rare: ['fontWeight', 'fontStyle', 'letterCase'],
    }),
    styleGroup('Options', 'choices', choiceFlow),
    styleGroup('Option', 'choice', { ...pressed, properties: [...pressed.properties, 'gap'] }),
    styleGroup('Radio button and checkbox', 'mark', tick),
    styleGroup('Radio button only', 'radio', tick),
    styleGroup('Checkbox only', 'checkbox', tick),
    styleGroup('Hint', 'hint', wording),
    styleGroup('Error', 'error', wording),
    styleGroup('Size and position', 'box', measures),
  ],
});
