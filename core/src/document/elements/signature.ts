import { Type, type Static } from '@sinclair/typebox';
import { Signature } from 'lucide';
import { h } from '../../base/html/index.js';
import { define, elementFields, fieldName, line } from './definition.js';
import { labelWords } from './label-words.js';

const schema = elementFields('signature', {
  key: fieldName,
  label: line(200),
  hint: Type.Optional(Type.String({ maxLength: 300 })),
  required: Type.Boolean(),
});

type SignatureField = Static<typeof schema>;

/** How large it is drawn, in units of its own. */
const signatureSize = { width: 600, height: 200 } as const;

/** A signature, drawn by finger, pen or mouse, and kept as a path. Who can't draw types their name. */
export const signature = define({
  type: 'signature',
  label: 'Signature',
  icon: Signature,
  schema,
  role: () => 'field',
  parts: ['box', 'label', 'input', 'hint', 'error'],
  texts: () => ['label', 'hint'],
  container: false,
  inside: { always: ['form'] },
  script: () => 'signature' as const,
  create: () => ({ type: 'signature', key: 'signature', label: 'Signature', required: true }),
  title: ({ label }) => label || 'Signature',
  lacks: ({ label }) => (label.trim() === '' ? [{ text: 'A signature has no label' }] : []),
  properties: [
    { path: ['label'], label: 'Label', control: 'line', always: true },
    { path: ['hint'], label: 'Hint', control: 'line' },
    { path: ['required'], label: 'Required', control: 'toggle', always: true },
    { path: ['key'], label: 'Field name', control: 'line', rare: true, always: true },
  ],
  answers: ({ key, label }) => [{ key, label, gives: 'text' as const }],
  render: ({ key, label, hint, required }, { id, box, part, messages }) =>
    h(
      'div',
      { ...box, 'data-signature': true },
      h(
        'span',
        { id: `${id}-label`, class: `label ${part('label')}` },
        ...labelWords({ label, required }, messages),
      ),
      h(
        'div',
        {
          class: `input ${part('input')}`,
          role: 'img',
          'aria-labelledby': `${id}-label`,
        },
        h(
          'svg',
          { viewBox: `0 0 ${signatureSize.width} ${signatureSize.height}`, 'aria-hidden': 'true' },
          h('path', { fill: 'none', stroke: 'currentColor', 'stroke-width': 4, 'stroke-linecap': 'round' }),
        ),
      ),
      h('input', { type: 'hidden', name: key }),
      h(
        'div',
        { class: 'below' },
        h('input', {
          'data-typed': true,
          maxlength: 120,
          autocomplete: 'name',
          placeholder: messages.orTypeName,
          'aria-label': messages.orTypeName,
        }),
        h('button', { type: 'button', class: 'again' }, messages.clear),
      ),
      h('p', { id: `${id}-hint`, class: part('hint') }, hint ?? ''),
      h('p', { id: `${id}-error`, class: part('error') }),
    ),
  css:
    '&{display:grid;gap:6px}& p{margin:0}& p:empty{display:none}& .optional{font-weight:400}& .label{justify-self:var(--lj,start)}' +
    '& .input{width:100%;aspect-ratio:3;border-style:solid;padding:0!important;touch-action:none;cursor:crosshair;overflow:hidden}' +
    '& .input svg{display:block;width:100%;height:100%}' +
    '& .below{display:flex;gap:12px;align-items:baseline}& .below input{flex:1;min-width:0;font:inherit;color:inherit;background:none;border:0;border-bottom:1px solid;min-height:32px;padding:0}' +
    '& .below input::placeholder{color:inherit;opacity:.8}& .again{font:inherit;font-size:.875em;color:inherit;background:none;border:0;text-decoration:underline;cursor:pointer;min-height:24px;padding:0 4px}',
  fieldRules: (element: SignatureField, id, messages) => [
    {
      ...{
        element: id,
        key: element.key,
        kind: 'signature',
        label: element.label,
        required: element.required,
      },
      maxLength: 20_000,
      messages: { missing: messages.missing, malformed: messages.malformed, tooLong: messages.tooLong },
    },
  ],
});
