import { Type, type Static } from '@sinclair/typebox';
import { EyeOff } from 'lucide';
import { h } from '../../base/html/index.js';
import { define, elementFields, fieldName, line, oneOf } from './definition.js';

const sources = ['parameter', 'referrer', 'page', 'text'] as const;

const schema = elementFields('hidden-field', {
  key: fieldName,
  label: line(200),
  /** Where its value comes from. */
  source: oneOf(sources),
  /** The name of the parameter, or the text. */
  value: Type.String({ maxLength: 200 }),
});

const sourceNames: Readonly<Record<(typeof sources)[number], string>> = {
  parameter: 'URL parameter',
  referrer: 'Referrer',
  page: 'Page URL',
  text: 'Fixed text',
};

/** Sent with a form, and seen by nobody who fills it in. */
export const hiddenField = define({
  type: 'hidden-field',
  label: 'Hidden field',
  icon: EyeOff,
  schema,
  role: () => 'group',
  parts: ['box'],
  texts: () => [],
  container: false,
  inside: { always: ['form'] },
  create: () => ({
    type: 'hidden-field',
    key: 'source',
    label: 'Source',
    source: 'parameter' as const,
    value: 'utm_source',
  }),
  title: ({ label, source }) => label || sourceNames[source],
  properties: [
    { path: ['label'], label: 'Label', control: 'line', always: true, help: 'Seen in submissions only.' },
    { path: ['source'], label: 'Value from', control: 'choice', options: sourceNames },
    {
      path: ['value'],
      label: 'Parameter or text',
      control: 'line',
      always: true,
      only: ({ source }: Static<typeof schema>) => source === 'parameter' || source === 'text',
    },
    { path: ['key'], label: 'Field name', control: 'line', rare: true, always: true },
  ],
  answers: ({ key, label }) => [{ key, label, gives: 'option' }],
  render: ({ key, source, value }, { box }) =>
    h('input', { ...box, type: 'hidden', name: key, 'data-source': source, 'data-value': value }),
  css: '',
  fieldRules: ({ key, label }: Static<typeof schema>, id, { malformed, tooLong }) => [
    {
      element: id,
      key,
      kind: 'text',
      label,
      required: false,
      maxLength: 1000,
      messages: { malformed, tooLong },
    },
  ],
});
