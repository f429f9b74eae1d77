import { Type, type Static } from '@sinclair/typebox';
import { Paperclip } from 'lucide';
import { endingsOf, fileTypes, type FileType } from '../../form/index.js';
import { h } from '../../base/html/index.js';
import { define, elementFields, fieldName, line, oneOf } from './definition.js';
import { labelWords } from './label-words.js';

const kinds = Object.keys(fileTypes) as FileType[];

const schema = elementFields('file-field', {
  key: fieldName,
  label: line(200),
  hint: Type.Optional(Type.String({ maxLength: 300 })),
  types: Type.Array(oneOf<FileType>(kinds), { minItems: 1, maxItems: kinds.length, uniqueItems: true }),
  /** Largest file, MB (of a million bytes). */
  megabytes: Type.Integer({ minimum: 1, maximum: 25 }),
  /** Most files. */
  most: Type.Integer({ minimum: 1, maximum: 10 }),
  required: Type.Boolean(),
});

type FileField = Static<typeof schema>;

const endings = ({ types }: FileField): string[] => [...endingsOf(types).values()].flat();

/** Files of the visitor's, sent ahead of the form as soon as they are chosen. */
export const fileField = define({
  type: 'file-field',
  label: 'File upload',
  icon: Paperclip,
  schema,
  role: () => 'field',
  parts: ['box', 'label', 'input', 'hint', 'error'],
  texts: () => ['label', 'input', 'hint'],
  container: false,
  inside: { always: ['form'] },
  script: () => 'file' as const,
  create: () => ({
    type: 'file-field',
    key: 'file',
    label: 'File',
    types: ['pictures', 'pdf'] as FileType[],
    megabytes: 10,
    most: 1,
    required: false,
  }),
  title: ({ label }) => label || 'File upload',
  lacks: ({ label }) => (label.trim() === '' ? [{ text: 'A file upload has no label' }] : []),
  properties: [
    { path: ['label'], label: 'Label', control: 'line', always: true },
    { path: ['hint'], label: 'Hint', control: 'line' },
    {
      path: ['types'],
      label: 'File types',
      control: 'several',
      always: true,
      options: Object.fromEntries(kinds.map((kind) => [kind, fileTypes[kind].label])),
    },
    { path: ['most'], label: 'Most files', control: 'number', min: 1, max: 10, always: true },
    {
      path: ['megabytes'],
      label: 'Largest file',
      control: 'number',
      min: 1,
      max: 25,
      unit: 'MB',
      always: true,
    },
    { path: ['required'], label: 'Required', control: 'toggle', always: true },
    { path: ['key'], label: 'Field name', control: 'line', rare: true, always: true },
  ],
  answers: ({ key, label }) => [{ key, label, gives: 'list' as const }],
  render: (element, { id, box, part, messages }) =>
    h(
      'div',
      {
        ...box,
        'data-files': element.key,
        'data-bytes': element.megabytes * 1e6,
        'data-most': element.most,
        'data-large': messages.fileTooLarge,
        'data-wrong': messages.fileType,
        'data-lost': messages.fileFailed,
        'data-many': messages.tooManyChoices,
        'data-remove': messages.removeItem,
      },
      h('label', { for: `${id}-control`, class: `label ${part('label')}` }, ...labelWords(element, messages)),
      h('input', {
        type: 'file',
        id: `${id}-control`,
        class: `input ${part('input')}`,
        multiple: element.most > 1,
        accept: endings(element)
          .map((ending) => `.${ending}`)
          .join(),
        'aria-required': element.required ? 'true' : null,
        'aria-describedby': `${id}-hint ${id}-error`,
      }),
      h('input', { type: 'hidden', name: element.key }),
      h(
        'p',
        { id: `${id}-hint`, class: part('hint') },
        element.hint ? `${element.hint} ` : '',
        `${endings(element).join(', ').toUpperCase()} · ≤ ${element.megabytes} MB`,
      ),
      h('ul', { class: 'files', role: 'list' }),
      h('p', { class: `note ${part('error')}`, role: 'status' }),
      h('p', { id: `${id}-error`, class: part('error') }),
    ),
  css:
    '&{display:grid;gap:6px}& p{margin:0}& p:empty,& ul:empty{display:none}& .optional{font-weight:400}' +
    '& .label{justify-self:var(--lj,start)}' +
    '& .input{width:100%;font:inherit;border-style:solid;min-height:44px;max-width:100%}& .input.has{font-size:0!important}& .input.has::file-selector-button{font-size:1rem}& .input.over{outline:2px dashed;outline-offset:2px}' +
    '& .input::file-selector-button{font:inherit;margin-inline-end:12px;padding:4px 12px;border:1px solid;border-radius:4px;background:none;color:inherit;cursor:pointer}' +
    '& ul{list-style:none;margin:0;padding:0;display:grid;gap:6px}' +
    '& li{display:flex;align-items:center;gap:10px;min-width:0}& li img{width:40px;height:40px;object-fit:cover;border-radius:4px;flex:none}' +
    '& li span{flex:1;min-width:0;overflow:hidden;text-overflow:ellipsis;white-space:nowrap}& progress{width:72px;flex:none}' +
    '& li button{flex:none;width:32px;height:32px;border:0;background:none;color:inherit;font:inherit;font-size:20px;line-height:1;cursor:pointer;border-radius:4px}',
  fieldRules: (element: FileField, id, messages) => [
    {
      ...{ element: id, key: element.key, kind: 'file', label: element.label, required: element.required },
      maxLength: 2000,
      max: String(element.most),
      file: { types: element.types, bytes: element.megabytes * 1e6 },
      messages: {
        ...(element.required && { missing: messages.missing }),
        malformed: messages.fileWaits,
        tooLarge: messages.tooManyChoices,
      },
    },
  ],
});
