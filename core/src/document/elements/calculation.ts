import { Type, type Static } from '@sinclair/typebox';
import { Calculator } from 'lucide';
import { h } from '../../base/html/index.js';
import { parseFormula } from '../../form/index.js';
import { currencyCode, define, elementFields, fieldName, languageTag, line } from './definition.js';

const schema = elementFields('calculation', {
  key: fieldName,
  label: line(200),
  /** Over the other answers of its form, such as `children * 4.5`. */
  formula: Type.String({ maxLength: 1000 }),
  /** For amounts of money; a plain number where nothing is said. */
  currency: Type.Optional(currencyCode),
  locale: languageTag,
});

/** A value that is calculated from other answers, and shown while they are given. */
export const calculation = define({
  type: 'calculation',
  label: 'Calculated value',
  icon: Calculator,
  schema,
  role: () => 'field',
  parts: ['box', 'label'],
  texts: () => ['label'],
  container: false,
  inside: { always: ['form'] },
  create: () => ({ type: 'calculation', key: 'total', label: 'Total', formula: '', locale: 'en' }),
  title: ({ label }) => label || 'Calculated value',
  lacks: ({ label, formula }) => [
    ...(label.trim() === '' ? [{ text: 'A calculated value has no label' }] : []),
    ...(formula.trim() === '' ? [{ text: 'A calculated value has no formula' }] : []),
  ],
  properties: [
    { path: ['label'], label: 'Label', control: 'line', always: true },
    { path: ['formula'], label: 'Formula', control: 'formula', always: true },
    { path: ['currency'], label: 'Currency', control: 'currency' },
    { path: ['locale'], label: 'Language', control: 'line', rare: true, always: true },
    { path: ['key'], label: 'Field name', control: 'line', rare: true, always: true },
  ],
  answers: ({ key, label }) => [{ key, label, gives: 'number' }],
  render: ({ label, key, currency, locale }, { id, box, part }) =>
    h(
      'div',
      box,
      h('span', { id: `${id}-label`, class: `label ${part('label')}` }, label),
      h('output', {
        'data-calculated': key,
        'data-currency': currency,
        'data-locale': locale,
        'aria-labelledby': `${id}-label`,
      }),
    ),
  css:
    '&{display:flex!important;flex-wrap:wrap;align-items:baseline;justify-content:space-between}' +
    '& output{font-weight:700;font-variant-numeric:tabular-nums}& output:empty::before{content:"–"}',
  fieldRules(element: Static<typeof schema>, id, _messages, fields) {
    const formula = parseFormula(element.formula, fields);
    return [
      {
        element: id,
        key: element.key,
        kind: 'number',
        label: element.label,
        required: false,
        maxLength: 30,
        // What can't be read is nothing, as what can't be calculated.
        program: formula.ok ? formula.program : [],
        messages: {},
      },
    ];
  },
});
