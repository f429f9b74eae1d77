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
  /** What an amount of the visitor's own is called; without, only those above can be chosen. */
  ownLabel: Type.Optional(line(80)),
  ownMin: Type.Optional(Type.Number({ minimum: 0.01, maximum: 1e6 })),
});

type Amounts = Static<typeof schema>;

/** Most that a visitor can give by themselves; an amount that is mistyped stays below it. */
const mostOwn = 100_000;

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
    {
      path: ['ownLabel'],
      label: 'Own amount',
      control: 'line',
      help: 'What the choice of another amount is called. Left empty, only the amounts above can be chosen.',
    },
    {
      path: ['ownMin'],
      label: 'Least own amount',
      control: 'number',
      min: 0.01,
      max: 1e6,
      step: 0.01,
      only: ({ ownLabel }: Amounts) => ownLabel !== undefined,
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
        element.ownLabel
          ? h(
              'label',
              { class: `amount own ${part('amount')}` },
              h('input', { type: 'radio', name: element.key, value: '', class: 'unseen' }),
              h('span', { class: part('words') }, element.ownLabel),
              h(
                'span',
                { class: `sum ${part('value')}` },
                h('input', {
                  'data-entered': true,
                  inputmode: 'decimal',
                  autocomplete: 'off',
                  maxlength: 12,
                  'aria-label': `${element.ownLabel} (${element.currency})`,
                }),
                element.currency,
              ),
            )
          : null,
      ),
      h('p', { id: `${id}-error`, class: 'error' }),
    ),
  css:
    '&{border:0;padding:0;margin:0;min-width:0}& legend{padding:0;margin-bottom:6px;font-weight:600}& p{margin:0}& p:empty{display:none}' +
    '& .grid{display:grid;grid-template-columns:repeat(auto-fit,minmax(min(100%,130px),1fr));gap:inherit;gap:8px}' +
    '& .amount{display:flex;flex-direction:column;cursor:pointer;position:relative}' +
    '& .amount:has(:focus-visible){outline:2px solid;outline-offset:2px}' +
    '& .sum{display:flex;gap:6px;align-items:baseline;min-width:0}' +
    '& .sum input{flex:1;min-width:0;width:4ch;font:inherit;color:inherit;background:none;border:0;border-bottom:1px solid;padding:0;outline:0;min-height:28px}',
  script: ({ ownLabel }) => (ownLabel ? ('own-choice' as const) : undefined),
  answers: ({ key, label, amounts, ownLabel }) => [
    {
      key,
      label,
      gives: ownLabel ? ('number' as const) : ('option' as const),
      options: amounts.map(({ value }) => String(value)),
    },
  ],
  fieldRules: (element: Amounts, id, messages) => {
    const offered = element.amounts.map(({ value }) => value);
    const { ownLabel, ownMin = 1 } = element;
    return [
      {
        element: id,
        key: element.key,
        kind: 'amount',
        label: element.label,
        required: true,
        maxLength: 20,
        options: offered.map(String),
        // What is offered is never too little or too much.
        ...(ownLabel && {
          min: String(Math.min(ownMin, ...offered)),
          max: String(Math.max(mostOwn, ...offered)),
        }),
        messages: {
          missing: messages.missingAmount,
          ...(ownLabel && {
            malformed: messages.malformedNumber,
            tooSmall: messages.atLeast,
            tooLarge: messages.atMost,
          }),
        },
      },
    ];
  },
});
