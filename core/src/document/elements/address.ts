import { Type, type Static } from '@sinclair/typebox';
import { MapPinHouse } from 'lucide';
import { define, elementFields, line, oneOf } from './definition.js';
import {
  linedCss,
  linedField,
  linedKey,
  linedProperties,
  lineLabel,
  lineProperty,
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
  ...linedField(shown, about),
  create: () => ({
    type: 'address',
    key: 'address',
    label: 'Address',
    order: 'postcode-city' as const,
    lines: { street: 'Street and number', postcode: 'Postcode', city: 'City', country: 'Country' },
    required: false,
  }),
  title: ({ label }) => label || 'Address',
  properties: linedProperties(
    { 'postcode-city': 'Postcode, then city', 'city-postcode': 'City, then postcode' },
    [
      lineProperty('street', 'Street', 'always'),
      lineProperty('extra', 'Second line', 'perhaps'),
      lineProperty('postcode', 'Postcode', 'always'),
      lineProperty('city', 'City', 'always'),
      lineProperty('region', 'Region', 'perhaps'),
      lineProperty('country', 'Country', 'perhaps'),
    ],
  ),
  css: `${linedCss}& .postcode{grid-column:span 2}& .city{grid-column:span 4}@container (max-width:360px){& .postcode,& .city{grid-column:span 6}}`,
  fieldRules: (element: Address, id, { missing, malformed, tooLong }) =>
    lineRules(element, id, shown(element), about, { missing, malformed, tooLong }),
});
