import { Type, type Static } from '@sinclair/typebox';
import { fieldSpecs, type FieldSpec } from '../form/index.js';
import { h } from '../render/html.js';
import { define, elementFields } from './definition.js';

const schema = elementFields('field', {
  kind: Type.Union(fieldSpecs.map(({ kind }) => Type.Literal(kind))),
  /** The key of its value in a submission. */
  key: Type.String({
    pattern: '^[a-z][a-z0-9_-]{0,39}$',
    description: 'must start with a small letter and hold only small letters, digits, - and _, at most 40',
  }),
  label: Type.String({ maxLength: 200 }),
  labelHidden: Type.Optional(Type.Boolean()),
  hint: Type.Optional(Type.String({ maxLength: 300 })),
  placeholder: Type.Optional(Type.String({ maxLength: 200 })),
  required: Type.Boolean(),
  missing: Type.Optional(Type.String({ maxLength: 200 })),
  malformed: Type.Optional(Type.String({ maxLength: 200 })),
});

type Field = Static<typeof schema>;

export function fieldSpec(kind: string): FieldSpec {
  return fieldSpecs.find((spec) => spec.kind === kind) ?? (fieldSpecs[0] as FieldSpec);
}

export const field = define({
  type: 'field',
  label: 'Field',
  icon: 'text-cursor-input',
  schema,
  role: () => 'field',
  parts: ['box', 'label', 'input', 'hint', 'error'],
  container: false,
  inside: { always: ['form'] },
  create: () => ({ type: 'field', kind: 'text', key: 'text', label: 'Your answer', required: false }),
  title: ({ label, kind }) => label || fieldSpec(kind).label,
  properties: [
    {
      path: ['kind'],
      label: 'Kind of field',
      control: 'choice',
      options: Object.fromEntries(fieldSpecs.map(({ kind, label }) => [kind, label])),
    },
    { path: ['label'], label: 'Label', control: 'line' },
    {
      path: ['labelHidden'],
      label: 'Hide the label',
      control: 'toggle',
      help: 'Screen readers still read it.',
    },
    { path: ['placeholder'], label: 'Placeholder', control: 'line' },
    { path: ['hint'], label: 'Hint', control: 'line' },
    { path: ['required'], label: 'Must be filled in', control: 'toggle' },
    { path: ['missing'], label: 'Said when empty', control: 'line', rare: true },
    { path: ['malformed'], label: 'Said when mistaken', control: 'line', rare: true },
    { path: ['key'], label: 'Key in the submission', control: 'line', rare: true },
  ],
  render(element, { id, box, part }) {
    const spec = fieldSpec(element.kind);
    const control = `${id}-control`;
    const hint = element.hint ? h('p', { id: `${id}-hint`, class: part('hint') }, element.hint) : null;
    return h(
      'div',
      box,
      h(
        'label',
        { for: control, class: `${part('label')}${element.labelHidden ? ' unseen' : ''}` },
        element.label,
        !element.required && !element.labelHidden && h('span', { class: 'optional' }, ' (optional)'),
      ),
      h(spec.tag, {
        ...spec.attributes,
        id: control,
        name: element.key,
        class: part('input'),
        placeholder: element.placeholder || null,
        maxlength: spec.maxLength,
        'aria-required': element.required ? 'true' : null,
        'aria-describedby': `${hint ? `${id}-hint ` : ''}${id}-error`,
      }),
      hint,
      h('p', { id: `${id}-error`, class: part('error') }),
    );
  },
  css:
    '&{display:flex;flex-direction:column;gap:4px}& p{margin:0}& p:empty{display:none}& .optional{font-weight:400}' +
    '& input,& textarea{box-sizing:border-box;width:100%;font:inherit;border-style:solid;min-height:44px}' +
    '& textarea{resize:vertical}',
  fieldRule: (element: Field, id) => ({
    element: id,
    key: element.key,
    kind: element.kind,
    label: element.label,
    required: element.required,
    maxLength: fieldSpec(element.kind).maxLength,
    messages: {
      ...(element.missing && { missing: element.missing }),
      ...(element.malformed && { malformed: element.malformed }),
    },
  }),
});
