import { Type, type Static } from '@sinclair/typebox';
import { MapPinHouse } from 'lucide';
import { h, type Html } from '../../base/html/index.js';
import { define, elementFields, line, oneOf } from './definition.js';
import { labelWords } from './label-words.js';

/** In which order the lines of an address stand, by where it is customary. */
const orders = {
  'postcode-city': ['street', 'extra', 'postcode', 'city', 'region', 'country'],
  'city-postcode': ['street', 'extra', 'city', 'region', 'postcode', 'country'],
} as const;

type Line = (typeof orders)['city-postcode'][number];

/** Autofill detail tokens (HTML, autofill). */
const tokens: Readonly<Record<Line, string>> = {
  street: 'address-line1',
  extra: 'address-line2',
  postcode: 'postal-code',
  city: 'address-level2',
  region: 'address-level1',
  country: 'country-name',
};

const schema = elementFields('address', {
  /** Each line is sent under this name and its own, such as `address-city`. */
  key: Type.String({
    pattern: '^[a-z][a-z0-9_-]{0,29}$',
    description: 'must start with a small letter and hold small letters, digits, - and _ only',
  }),
  label: line(200),
  order: oneOf(Object.keys(orders) as (keyof typeof orders)[]),
  lines: Type.Object({
    street: fieldLabel(),
    extra: Type.Optional(fieldLabel()),
    postcode: fieldLabel(),
    city: fieldLabel(),
    region: Type.Optional(fieldLabel()),
    country: Type.Optional(fieldLabel()),
  }),
  required: Type.Boolean(),
});

function fieldLabel() {
  return Type.String({ minLength: 1, maxLength: 80 });
}

type Address = Static<typeof schema>;

const shown = ({ order, lines }: Address): Line[] => orders[order].filter((one) => lines[one] !== undefined);
const keyOf = ({ key }: Address, one: Line) => `${key}-${one}`;
const optional: ReadonlySet<Line> = new Set(['extra', 'region']);

/** An address, a line each, in the order of where it is. */
export const address = define({
  type: 'address',
  label: 'Address',
  icon: MapPinHouse,
  schema,
  role: () => 'field',
  parts: ['box', 'label', 'input', 'error'],
  texts: () => ['label', 'input'],
  container: false,
  inside: { always: ['form'] },
  create: () => ({
    type: 'address',
    key: 'address',
    label: 'Address',
    order: 'postcode-city' as const,
    lines: { street: 'Street and number', postcode: 'Postcode', city: 'City', country: 'Country' },
    required: false,
  }),
  title: ({ label }) => label || 'Address',
  properties: [
    { path: ['label'], label: 'Label', control: 'line', always: true },
    {
      path: ['order'],
      label: 'Order',
      control: 'choice',
      options: { 'postcode-city': 'Postcode, then city', 'city-postcode': 'City, then postcode' },
    },
    { path: ['lines', 'street'], label: 'Street', control: 'line', always: true },
    {
      path: ['lines', 'extra'],
      label: 'Second line',
      control: 'line',
      help: 'Left empty, it is not asked for.',
    },
    { path: ['lines', 'postcode'], label: 'Postcode', control: 'line', always: true },
    { path: ['lines', 'city'], label: 'City', control: 'line', always: true },
    { path: ['lines', 'region'], label: 'Region', control: 'line', help: 'Left empty, it is not asked for.' },
    {
      path: ['lines', 'country'],
      label: 'Country',
      control: 'line',
      help: 'Left empty, it is not asked for.',
    },
    { path: ['required'], label: 'Required', control: 'toggle', always: true },
    { path: ['key'], label: 'Field name', control: 'line', rare: true, always: true },
  ],
  answers: (element) =>
    shown(element).map((one) => ({
      key: keyOf(element, one),
      label: element.lines[one] ?? one,
      gives: 'text' as const,
    })),
  render: (element, { id, box, part, messages }) =>
    h(
      'fieldset',
      { ...box, 'aria-describedby': `${id}-error` },
      h('legend', { class: `label ${part('label')}` }, ...labelWords(element, messages)),
      h(
        'div',
        { class: 'lines' },
        ...shown(element).map((one): Html =>
          h(
            'label',
            { class: `line ${one}` },
            h('span', { class: part('label') }, element.lines[one] ?? ''),
            h('input', {
              class: `input ${part('input')}`,
              name: keyOf(element, one),
              autocomplete: tokens[one],
              dir: 'auto',
              maxlength: 200,
              placeholder: ' ',
              'aria-required': element.required && !optional.has(one) ? 'true' : null,
            }),
          ),
        ),
      ),
      h('p', { id: `${id}-error`, class: part('error') }),
    ),
  css:
    '&{display:block!important;border:0;padding:0;margin:0;min-width:0;container-type:inline-size}& legend{padding:0;margin-bottom:6px}' +
    '& p{margin:0}& p:empty{display:none}& .optional{font-weight:400}' +
    '& .lines{display:grid;grid-template-columns:repeat(6,minmax(0,1fr));gap:10px 12px}& .line{grid-column:span 6;display:grid;gap:4px;align-content:start;font-size:.9375em}' +
    '& .postcode{grid-column:span 2}& .city{grid-column:span 4}' +
    '& .input{width:100%;font:inherit;border-style:solid;min-height:44px}& .input::placeholder{color:inherit}' +
    '@container (max-width:360px){& .postcode,& .city{grid-column:span 6}}',
  fieldRules: (element: Address, id, { missing, malformed, tooLong }) =>
    shown(element).map((one) => ({
      element: id,
      key: keyOf(element, one),
      kind: 'text',
      label: element.lines[one] ?? one,
      required: element.required && !optional.has(one),
      maxLength: 200,
      messages: { missing, malformed, tooLong },
    })),
});
