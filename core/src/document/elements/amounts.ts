import { Type, type Static } from '@sinclair/typebox';
import { Coins } from 'lucide';
import { money } from '../../base/money/index.js';
import { h } from '../../base/html/index.js';
import { currencyCode, define, elementFields, fieldName, languageTag, line, strict } from './definition.js';

const amount = Type.Object({ value: Type.Number({ minimum: 0.01, maximum: 1e6 }), words: line(160) }, strict);

const schema = elementFields('amounts', {
  key: fieldName,
  label: line(200),
  amounts: Type.Array(amount, { minItems: 1, maxItems: 12 }),
  currency: currencyCode,
  locale: languageTag,
});

export const amounts = define({
  type: 'amounts',
  label: 'Donation amounts',
  icon: Coins,
  schema,
  role: () => 'amounts',
  parts: ['box', 'amount', 'value', 'words'],
  texts: () => ['value', 'words'],
  container: false,
  inside: { always: ['form'] },
  create: () => ({
    type: 'amounts',
    key: 'amount',
    label: 'Your gift',
    amounts: [
      { value: 10, words: 'Small' },
      { value: 25, words: 'Medium' },
      { value: 100, words: 'Large' },
    ],
    currency: 'EUR',
    locale: 'en',
  }),
  title: ({ label }) => label || 'Donation amounts',
  properties: [
    { path: ['label'], label: 'Label', control: 'line', always: true },
    {
      path: ['amounts'],
      label: 'Amounts',
      control: 'list',
      entries: {
        properties: [
          {
            path: ['value'],
            label: 'Amount',
            control: 'number',
            always: true,
            min: 0.01,
            max: 1e6,
            step: 0.01,
          },
          { path: ['words'], label: 'Caption', control: 'line', always: true },
        ],
        blank: () => ({ value: 50, words: '' }),
        title: ({ value }: { value: number }) => String(value),
      },
    },
    { path: ['currency'], label: 'Currency', control: 'currency', rare: true, always: true },
    { path: ['locale'], label: 'Language', control: 'line', rare: true, always: true },
    { path: ['key'], label: 'Field name', control: 'line', rare: true, always: true },
  ],
  render: (element, { id, box, part }) =>
    h(
      'fieldset',
      { ...box, 'aria-describedby': `${id}-error` },
      h('legend', {}, element.label),
      h(
        'div',
        { class: 'grid' },
        ...element.amounts.map(({ value, words }, at) =>
          h(
            'label',
            { class: `amount ${part('amount')}` },
            h('input', { type: 'radio', name: element.key, value, class: 'unseen', checked: at === 0 }),
            h('span', { class: part('value') }, money(value, element)),
            words ? h('span', { class: part('words') }, words) : null,
          ),
        ),
      ),
      h('p', { id: `${id}-error`, class: 'error' }),
    ),
  css:
    '&{border:0;padding:0;margin:0;min-width:0}& legend{padding:0;margin-bottom:6px;font-weight:600}& p{margin:0}& p:empty{display:none}' +
    '& .grid{display:grid;grid-template-columns:repeat(auto-fit,minmax(min(100%,130px),1fr));gap:inherit;gap:8px}' +
    '& .amount{display:flex;flex-direction:column;cursor:pointer;position:relative}' +
    '& .amount:has(:focus-visible){outline:2px solid;outline-offset:2px}',
  answers: ({ key, label, amounts }) => [
    {
      key,
      label,
      gives: 'option',
      options: amounts.map(({ value }) => String(value)),
    },
  ],
  fieldRules: (element: Static<typeof schema>, id, { missingAmount }) => [
    {
      element: id,
      key: element.key,
      kind: 'choice',
      label: element.label,
      required: true,
      maxLength: 20,
      options: element.amounts.map(({ value }) => String(value)),
      messages: { missing: missingAmount },
    },
  ],
});
