import { Type, type Static } from '@sinclair/typebox';
import { MapPinHouse } from 'lucide';
import { define, elementFields, line, oneOf } from './definition.js';
import {
  leftOut,
  lineAnswers,
  linedCss,
  linedHtml,
  linedKey,
  linedParts,
  lineLabel,
  lineRules,
  shownLines,
  type Lines,
} from './lined-field.js';

/** In which order the lines of an address stand, by where it is customary. */
const orders = {
  'postcode-city': ['street', 'extra', 'postcode', 'city', 'region', 'country'],
  'city-postcode': ['street', 'extra', 'city', 'region', 'postcode', 'country'],
} as const;

type Line = (typeof orders)['city-postcode'][number];

const about: Lines<Line> = {
  tokens: {
    street: 'address-line1',
    extra: 'address-line2',
    postcode: 'postal-code',
    city: 'address-level2',
    region: 'address-level1',
    country: 'country-name',
  },
  optional: new Set(['extra', 'region']),
  kind: 'text',
  maxLength: 200,
};

const schema = elementFields('address', {
  key: linedKey,
  label: line(200),
  order: oneOf(Object.keys(orders) as (keyof typeof orders)[]),
  lines: Type.Object({
    street: lineLabel(),
    extra: Type.Optional(lineLabel()),
    postcode: lineLabel(),
    city: lineLabel(),
    region: Type.Optional(lineLabel()),
    country: Type.Optional(lineLabel()),
  }),
  required: Type.Boolean(),
});

type Address = Static<typeof schema>;

const shown = (element: Address) => shownLines<Line>(element, orders[element.order]);

/** An address, a line each, in the order of where it is. */
export const address = define({
  type: 'address',
  label: 'Address',
  icon: MapPinHouse,
  schema,
  role: () => 'field',
  parts: linedParts,
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
    { path: ['lines', 'extra'], label: 'Second line', control: 'line', help: leftOut },
    { path: ['lines', 'postcode'], label: 'Postcode', control: 'line', always: true },
    { path: ['lines', 'city'], label: 'City', control: 'line', always: true },
    { path: ['lines', 'region'], label: 'Region', control: 'line', help: leftOut },
    { path: ['lines', 'country'], label: 'Country', control: 'line', help: leftOut },
    { path: ['required'], label: 'Required', control: 'toggle', always: true },
    { path: ['key'], label: 'Field name', control: 'line', rare: true, always: true },
  ],
  answers: (element) => lineAnswers(element, shown(element)),
  render: (element, context) => linedHtml(element, shown(element), about, context),
  css: `${linedCss}& .postcode{grid-column:span 2}& .city{grid-column:span 4}@container (max-width:360px){& .postcode,& .city{grid-column:span 6}}`,
  fieldRules: (element: Address, id, { missing, malformed, tooLong }) =>
    lineRules(element, id, shown(element), about, { missing, malformed, tooLong }),
});
