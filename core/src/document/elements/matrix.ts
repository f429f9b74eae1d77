import { Type, type Static } from '@sinclair/typebox';
import { Grid3x3 } from 'lucide';
import { h } from '../../base/html/index.js';
import { define, elementFields, fieldName, line } from './definition.js';
import { labelWords } from './label-words.js';

const labels = (minItems: number, maxItems: number) =>
  Type.Array(Type.String({ minLength: 1, maxLength: 120 }), { minItems, maxItems });

const schema = elementFields('matrix', {
  /** Each row's answer is sent under this name and its number, such as `evening-2`. */
  key: fieldName,
  label: line(200),
  rows: labels(1, 20),
  columns: labels(2, 10),
  required: Type.Boolean(),
});

type Matrix = Static<typeof schema>;

const keyOf = ({ key }: Matrix, row: number) => `${key}-${row + 1}`.slice(-40);

const texts = (title: string, blank: string) => ({
  properties: [{ path: [], label: title, control: 'line' as const, always: true }],
  blank: () => blank,
  title: (words: string) => words,
});

/** Several questions that are answered by the same options, as a table. */
export const matrix = define({
  type: 'matrix',
  label: 'Rating matrix',
  icon: Grid3x3,
  schema,
  role: () => 'field',
  parts: ['box', 'label', 'choice', 'mark', 'radio', 'error'],
  texts: () => ['label', 'choice'],
  container: false,
  inside: { always: ['form'] },
  create: () => ({
    type: 'matrix',
    key: 'rating',
    label: 'How was it?',
    rows: ['The talk', 'The telescope'],
    columns: ['Poor', 'Fair', 'Good', 'Excellent'],
    required: false,
  }),
  title: ({ label }) => label || 'Rating matrix',
  lacks: ({ label }) => (label.trim() === '' ? [{ text: 'A rating matrix has no label' }] : []),
  properties: [
    { path: ['label'], label: 'Label', control: 'line', always: true },
    { path: ['rows'], label: 'Rows', control: 'list', entries: texts('Row', 'New row') },
    { path: ['columns'], label: 'Columns', control: 'list', entries: texts('Column', 'New column') },
    { path: ['required'], label: 'Required', control: 'toggle', always: true },
    { path: ['key'], label: 'Field name', control: 'line', rare: true, always: true },
  ],
  answers: (element) =>
    element.rows.map((row, at) => ({
      key: keyOf(element, at),
      label: row,
      gives: 'option' as const,
      options: element.columns,
    })),
  render: (element, { id, box, part, messages }) =>
    h(
      'fieldset',
      { ...box, 'aria-describedby': `${id}-error` },
      h('legend', { class: `label ${part('label')}` }, ...labelWords(element, messages)),
      ...element.rows.map((row, at) =>
        h(
          'div',
          { class: 'row', role: 'radiogroup', 'aria-label': row, 'data-field': keyOf(element, at) },
          h('span', { class: `asked ${part('choice')}` }, row),
          ...element.columns.map((column) =>
            h(
              'label',
              { class: `choice ${part('choice')}` },
              h('input', {
                type: 'radio',
                name: keyOf(element, at),
                value: column,
                class: `mark ${part('mark')} ${part('radio')}`,
              }),
              h('span', {}, column),
            ),
          ),
        ),
      ),
      h('p', { id: `${id}-error`, class: part('error') }),
    ),
  css:
    '&{display:block!important;border:0;padding:0;margin:0;min-width:0;container-type:inline-size}& legend{padding:0;margin-bottom:6px}' +
    '& p{margin:0}& p:empty{display:none}& .optional{font-weight:400}' +
    '& .row{display:grid;grid-template-columns:minmax(90px,1.4fr) repeat(auto-fit,minmax(0,1fr));grid-auto-flow:column;grid-auto-columns:minmax(0,1fr);' +
    'align-items:center;gap:8px;padding-block:8px;border-block-start:1px solid color-mix(in srgb,currentColor 15%,transparent)}' +
    '& .choice{display:flex;flex-direction:column;align-items:center;gap:4px;font-size:.8em;text-align:center;cursor:pointer;min-height:24px}' +
    '& .mark{appearance:none;flex:none;aspect-ratio:1;margin:0;border-style:solid;border-radius:50%;display:grid;place-items:center;cursor:pointer}' +
    '& .mark::before{content:"";width:55%;aspect-ratio:1;background:var(--fill);border-radius:inherit;scale:0;transition:scale .12s}' +
    '& .mark:checked::before{scale:1}' +
    '@container (max-width:420px){& .row{grid-auto-flow:row;grid-template-columns:1fr}& .choice{flex-direction:row;font-size:inherit;text-align:start}}',
  fieldRules: (element: Matrix, id, { missingChoice, malformed }) =>
    element.rows.map((row, at) => ({
      element: id,
      key: keyOf(element, at),
      kind: 'choice',
      label: row,
      required: element.required,
      maxLength: 120,
      options: element.columns,
      messages: { missing: missingChoice, malformed },
    })),
  problems: ({ rows, columns }) =>
    (['rows', 'columns'] as const).flatMap((which): [string, string][] => {
      const all = which === 'rows' ? rows : columns;
      return new Set(all).size < all.length ? [[which, 'holds the same text twice']] : [];
    }),
});
