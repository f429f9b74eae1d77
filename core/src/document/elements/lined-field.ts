import { Type } from '@sinclair/typebox';
import { h, type Html } from '../../base/html/index.js';
import type { FieldRule } from '../../form/index.js';
import type { AnswerField, InspectorProperty, RenderContext } from './definition.js';
import { labelWords } from './label-words.js';

/** A field that is entered in lines of their own, each of them sent under the field's name and its own, such as `address-city`. */
export interface LinedField<Line extends string> {
  key: string;
  label: string;
  /** What each line is called; a line that is not called anything is not asked for. */
  lines: Partial<Record<Line, string>>;
  required: boolean;
}

/** What there is to say of the lines of one kind of field. */
export interface Lines<Line extends string> {
  /** Autofill detail tokens (HTML, autofill). */
  tokens: Readonly<Record<Line, string>>;
  /** Those that may be left empty where the field is required. */
  optional: ReadonlySet<Line>;
  /** The kind of field that each of them is for the check, and how long it may be, characters. */
  kind: string;
  maxLength: number;
}

/** The name of such a field: short enough that the names of its lines are names too. */
export const linedKey = Type.String({
  pattern: '^[a-z][a-z0-9_-]{0,29}$',
  description: 'must start with a small letter and hold small letters, digits, - and _ only',
});

/** What a line is called. */
export const lineLabel = () => Type.String({ minLength: 1, maxLength: 80 });

/** Those of the lines that are asked for, in an order. */
export const shownLines = <Line extends string>(
  { lines }: LinedField<Line>,
  order: readonly Line[],
): Line[] => order.filter((one) => lines[one] !== undefined);

const keyOf = ({ key }: { key: string }, line: string) => `${key}-${line}`;

/** How conditions and formulas know the lines. */
const lineAnswers = <Line extends string>(field: LinedField<Line>, shown: readonly Line[]): AnswerField[] =>
  shown.map((one) => ({ key: keyOf(field, one), label: field.lines[one] ?? one, gives: 'text' as const }));

/** What the lines ask a submission to hold. */
export const lineRules = <Line extends string>(
  field: LinedField<Line>,
  element: string,
  shown: readonly Line[],
  { optional, kind, maxLength }: Lines<Line>,
  messages: FieldRule['messages'],
): FieldRule[] =>
  shown.map((one) => ({
    element,
    key: keyOf(field, one),
    kind,
    label: field.lines[one] ?? one,
    required: field.required && !optional.has(one),
    maxLength,
    messages,
  }));

/** The lines under the field's label. */
const linedHtml = <Line extends string>(
  field: LinedField<Line>,
  shown: readonly Line[],
  { tokens, optional, maxLength }: Lines<Line>,
  { id, box, part, messages }: RenderContext,
): Html =>
  h(
    'fieldset',
    { ...box, 'aria-describedby': `${id}-error` },
    h('legend', { class: `label ${part('label')}` }, ...labelWords(field, messages)),
    h(
      'div',
      { class: 'lines' },
      ...shown.map((one): Html =>
        h(
          'label',
          { class: `line ${one}` },
          h('span', { class: part('label') }, field.lines[one] ?? ''),
          h('input', {
            class: `input ${part('input')}`,
            name: keyOf(field, one),
            autocomplete: tokens[one],
            dir: 'auto',
            maxlength: maxLength,
            placeholder: ' ',
            'aria-required': field.required && !optional.has(one) ? 'true' : null,
          }),
        ),
      ),
    ),
    h('p', { id: `${id}-error`, class: part('error') }),
  );

/** CSS of such a field whose lines lie on a grid of six columns; a line takes all of them where its kind does not say otherwise. */
export const linedCss =
  '&{display:block!important;border:0;padding:0;margin:0;min-width:0;container-type:inline-size}& legend{padding:0;margin-bottom:6px}' +
  '& p{margin:0}& p:empty{display:none}& .optional{font-weight:400}' +
  '& .lines{display:grid;grid-template-columns:repeat(6,minmax(0,1fr));gap:10px 12px}& .line{grid-column:span 6;display:grid;gap:4px;align-content:start;font-size:.9375em}' +
  '& .input{width:100%;font:inherit;border-style:solid;min-height:44px}& .input::placeholder{color:inherit}';

/** What every kind of such a field has alike, by which of its lines are shown and what there is to say of them. */
export const linedField = <Line extends string, F extends LinedField<Line>>(
  shown: (field: F) => readonly Line[],
  about: Lines<Line>,
) => ({
  role: () => 'field' as const,
  parts: ['box', 'label', 'input', 'error'],
  texts: () => ['label', 'input'],
  container: false,
  inside: { always: ['form'] },
  answers: (field: F) => lineAnswers(field, shown(field)),
  render: (field: F, context: RenderContext) => linedHtml(field, shown(field), about, context),
});

/** The line of the inspector in which such a line gets its name; one that need not be asked for can be left empty. */
export const lineProperty = (
  line: string,
  label: string,
  isAsked: 'always' | 'perhaps',
): InspectorProperty => ({
  path: ['lines', line],
  label,
  control: 'line',
  ...(isAsked === 'always' ? { always: true } : { help: 'Left empty, it is not asked for.' }),
});

/** The rows of the inspector for such a field: its orders, by what they are called, and its lines. */
export const linedProperties = (
  orders: Readonly<Record<string, string>>,
  lines: readonly InspectorProperty[],
): InspectorProperty[] => [
  { path: ['label'], label: 'Label', control: 'line', always: true },
  { path: ['order'], label: 'Order', control: 'choice', options: orders },
  ...lines,
  { path: ['required'], label: 'Required', control: 'toggle', always: true },
  { path: ['key'], label: 'Field name', control: 'line', rare: true, always: true },
];
