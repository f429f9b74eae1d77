import { Type, type Static } from '@sinclair/typebox';
import { IdCard } from 'lucide';
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

/** Which of the names comes first, by where it is customary. */
const orders = {
  'given-family': ['prefix', 'given', 'additional', 'family', 'suffix'],
  'family-given': ['prefix', 'family', 'given', 'additional', 'suffix'],
} as const;

type Line = (typeof orders)['given-family'][number];

const about: Lines<Line> = {
  tokens: {
    prefix: 'honorific-prefix',
    given: 'given-name',
    additional: 'additional-name',
    family: 'family-name',
    suffix: 'honorific-suffix',
  },
  optional: new Set(['prefix', 'additional', 'suffix']),
  // Together they are what the sender is called.
  kind: 'name',
  maxLength: 80,
};

const schema = elementFields('full-name', {
  key: linedKey,
  label: line(200),
  order: oneOf(Object.keys(orders) as (keyof typeof orders)[]),
  lines: Type.Object({
    prefix: Type.Optional(lineLabel()),
    given: lineLabel(),
    additional: Type.Optional(lineLabel()),
    family: Type.Optional(lineLabel()),
    suffix: Type.Optional(lineLabel()),
  }),
  required: Type.Boolean(),
});

type FullName = Static<typeof schema>;

const shown = (element: FullName) => shownLines<Line>(element, orders[element.order]);

/** A name in parts, each of which but the first name can be left out. */
export const fullName = define({
  type: 'full-name',
  label: 'First and last name',
  icon: IdCard,
  schema,
  ...linedField(shown, about),
  create: () => ({
    type: 'full-name',
    key: 'name',
    label: 'Name',
    order: 'given-family' as const,
    lines: { given: 'First name', family: 'Last name' },
    required: false,
  }),
  title: ({ label }) => label || 'Name',
  properties: linedProperties(
    { 'given-family': 'First, then last name', 'family-given': 'Last, then first name' },
    [
      lineProperty('prefix', 'Title', 'perhaps'),
      lineProperty('given', 'First name', 'always'),
      lineProperty('additional', 'Middle name', 'perhaps'),
      lineProperty('family', 'Last name', 'perhaps'),
      lineProperty('suffix', 'Suffix', 'perhaps'),
    ],
  ),
  // Beside each other while there is room for nine letters each.
  css: `${linedCss}& .lines{display:flex;flex-wrap:wrap}& .line{flex:1 1 9em;min-width:0}& .prefix,& .suffix{flex:0 1 5em}`,
  fieldRules: (element: FullName, id, { missingName, malformed, tooLong }) =>
    lineRules(element, id, shown(element), about, { missing: missingName, malformed, tooLong }),
});
