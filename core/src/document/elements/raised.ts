import { Type } from '@sinclair/typebox';
import { HandCoins } from 'lucide';
import { fillWords } from '../../actions/words/index.js';
import { money } from '../../base/money/index.js';
import { h } from '../../base/html/index.js';
import { currencyCode, define, elementFields, languageTag, line } from './definition.js';

/** How much has been paid by way of the widget, on the way to a goal. */
export const raised = define({
  type: 'raised',
  label: 'Sum raised',
  icon: HandCoins,
  schema: elementFields('raised', {
    words: line(200),
    goal: Type.Number({ minimum: 1, maximum: 1e9 }),
    /** What came in elsewhere, and is part of the sum. */
    before: Type.Number({ minimum: 0, maximum: 1e9 }),
    currency: currencyCode,
    locale: languageTag,
  }),
  role: () => 'text',
  parts: ['box'],
  container: false,
  script: () => 'raised' as const,
  create: () => ({
    type: 'raised',
    words: '{{raised}} of {{goal}} raised',
    goal: 1000,
    before: 0,
    currency: 'EUR',
    locale: 'en',
  }),
  title: () => 'Sum raised',
  properties: [
    {
      path: ['words'],
      label: 'Text',
      control: 'line',
      always: true,
      help: '{{raised}} and {{goal}} stand for the amounts.',
    },
    { path: ['goal'], label: 'Goal', control: 'number', min: 1, max: 1e9, always: true },
    {
      path: ['before'],
      label: 'Raised elsewhere',
      control: 'number',
      min: 0,
      max: 1e9,
      always: true,
      help: 'Added to what has been paid by way of this widget.',
    },
    { path: ['currency'], label: 'Currency', control: 'currency', rare: true, always: true },
    { path: ['locale'], label: 'Language', control: 'line', rare: true, always: true },
  ],
  render: ({ words, goal, before, currency, locale }, { id, box }) => {
    const format = { currency, locale };
    const said = fillWords(words, { raised: money(before, format), goal: money(goal, format) });
    return h(
      'div',
      { ...box, 'data-raised': before, 'data-currency': currency, 'data-locale': locale },
      h('p', { id: `${id}-words`, 'data-words': words, 'data-goal': money(goal, format) }, said),
      h('progress', {
        max: goal,
        value: Math.min(before, goal),
        'aria-labelledby': `${id}-words`,
      }),
    );
  },
  css:
    '&{display:grid!important;gap:8px}& p{margin:0;font-variant-numeric:tabular-nums}' +
    '& progress{appearance:none;width:100%;height:10px;border:0;border-radius:99px;overflow:hidden;background:color-mix(in srgb,currentColor 18%,transparent);color:inherit}' +
    '& progress::-webkit-progress-bar{background:none}& progress::-webkit-progress-value{background:currentColor;border-radius:99px}' +
    '& progress::-moz-progress-bar{background:currentColor;border-radius:99px}',
});
