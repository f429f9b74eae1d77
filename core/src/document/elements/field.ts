import { Type, type Static } from '@sinclair/typebox';
import { TextCursorInput } from 'lucide';
import {
  fieldSpecs,
  formTree,
  listTickKey,
  limitOf,
  parseFormula,
  type FieldRule,
  type FieldSpec,
  type Limits,
} from '../../form/index.js';
import { h } from '../../base/html/index.js';
import { choiceHtml, choicesHtml } from './choices-html.js';
import { define, elementFields, fieldName, oneOf, type InspectorProperty } from './definition.js';
import {
  optionEntries,
  optionImage,
  optionImageCss,
  optionProblems,
  optionSchema,
  optionText,
  optionValues,
} from './option.js';
import {
  choiceButtonsCss,
  choicesCss,
  inputCss,
  labelCss,
  longTextCss,
  placedLabelCss,
  selectCss,
} from './field-css.js';

const limit = Type.Optional(Type.String({ minLength: 1, maxLength: 20 }));

const schema = elementFields('field', {
  kind: oneOf(fieldSpecs.map(({ kind }) => kind)),
  /** The key of its value in a submission. */
  key: fieldName,
  label: Type.String({ maxLength: 200 }),
  labelHidden: Type.Optional(Type.Boolean()),
  hint: Type.Optional(Type.String({ maxLength: 300 })),
  placeholder: Type.Optional(Type.String({ maxLength: 200 })),
  required: Type.Boolean(),
  /** What may be chosen, for kinds that offer choices. */
  options: Type.Optional(Type.Array(optionSchema, { minItems: 1, maxItems: 200 })),
  /** What the whole text has to match (ECMAScript, flag `u`); the server refuses one that takes too long to check. */
  pattern: Type.Optional(Type.String({ minLength: 1, maxLength: 200 })),
  /** What the choice of something else is called; without, only the options can be chosen. */
  other: Type.Optional(Type.String({ minLength: 1, maxLength: 80 })),
  /** What has to be so of it and the other answers of its form, such as `until >= from`. */
  valid: Type.Optional(Type.String({ minLength: 1, maxLength: 300 })),
  /** What is said beside a tick below an e-mail address, by which visitors ask for the mailing lists that the form leads to. */
  tick: Type.Optional(Type.String({ minLength: 1, maxLength: 300 })),
  /** The country of phone numbers without a prefix (ISO 3166-1). */
  country: Type.Optional(Type.String({ minLength: 1, maxLength: 40 })),
  /** It is required only while this holds of the other answers. */
  requiredWhen: Type.Optional(formTree()),
  /** The least and the most that it takes, as its kind says: `5`, `2027-01-12`, `today+7`, `09:30`. */
  min: limit,
  max: limit,
  /** What it holds before the visitor enters anything, and the parameter of the page's address that says so. */
  initial: Type.Optional(Type.String({ maxLength: 500 })),
  parameter: Type.Optional(
    Type.String({ pattern: '^[\\w.-]{1,60}$', description: 'must be 1 to 60 letters, digits or . _ -' }),
  ),
  missing: Type.Optional(Type.String({ maxLength: 200 })),
  malformed: Type.Optional(Type.String({ maxLength: 200 })),
  outside: Type.Optional(Type.String({ maxLength: 200 })),
});

type Field = Static<typeof schema>;

/** How the studio offers a kind of field; the first kind where it is unknown. */
export function fieldSpec(kind: string): FieldSpec {
  return fieldSpecs.find((spec) => spec.kind === kind) ?? (fieldSpecs[0] as FieldSpec);
}

/** The kinds of limits that take something, with what the inspector calls them: one pair of rows for each wording. */
function limitKinds(takes: Limits['takes']): { limits: Limits; only(field: never): boolean }[] {
  const kinds = fieldSpecs.filter(({ limits }) => limits?.takes === takes);
  const wordings = new Map(kinds.map(({ limits }) => [limits?.min, limits as Limits]));
  return [...wordings].map(([wording, limits]) => ({
    limits,
    only: ({ kind }: Field) => fieldSpec(kind).limits?.min === wording,
  }));
}

const limitExamples: Readonly<Record<Limits['takes'], string>> = {
  number: 'must be a number',
  date: 'must be a date, such as 2027-01-12 or today+7',
  time: 'must be a time of day, such as 09:30',
};

/** What is wrong with the limits of a field. */
function limitProblems(field: Field): [string, string][] {
  const { limits } = fieldSpec(field.kind);
  const both = ['min', 'max'] as const;
  const set = both.filter((which) => field[which] !== undefined);
  if (!limits) return set.map((which) => [which, 'is not known for this type of field']);
  const wrong = set.filter((which) => Number.isNaN(limitOf(field, which, 0)));
  if (wrong.length > 0) return wrong.map((which) => [which, limitExamples[limits.takes]]);
  return limitOf(field, 'min', 0) > limitOf(field, 'max', 0) ? [['max', 'is less than the minimum']] : [];
}

/** What is wrong with the pattern of a field. */
function patternProblems({ pattern }: Field): [string, string][] {
  try {
    void new RegExp(`^(?:${pattern ?? ''})$`, 'u');
    return [];
  } catch {
    return [['pattern', 'is no regular expression']];
  }
}

/** The tick for mailing lists is a consent of its own, kept in the words that were shown. */
const tickRule = (key: string, tick: string, element: string): FieldRule => ({
  ...{ element, key: listTickKey(key), kind: 'consent', label: tick },
  ...{ required: false, maxLength: 300, options: [tick], messages: {} },
});

export const field = define({
  type: 'field',
  label: 'Field',
  icon: TextCursorInput,
  schema,
  role: () => 'field',
  parts: [
    'box',
    'label',
    'input',
    'placeholder',
    'choices',
    'choice',
    'mark',
    'radio',
    'checkbox',
    'hint',
    'error',
  ],
  used: ({ kind, hint, tick }) => [
    ...(tick ? ['choice', 'mark', 'checkbox'] : []),
    'box',
    'label',
    'error',
    ...(fieldSpec(kind).tag === 'choices'
      ? ['choices', 'choice', 'mark', String(fieldSpec(kind).attributes['type'])]
      : ['input', 'placeholder']),
    ...(hint ? ['hint'] : []),
  ],
  // A scale lies in a row, where looks, the widget or the element do not say otherwise.
  variants: ({ kind }) =>
    kind === 'scale' ? [{ name: 'scale', sheet: { choices: { base: { choiceFlow: 'buttons' } } } }] : [],
  texts: ({ kind, labelHidden, hint, tick }) => [
    ...(tick ? ['choice'] : []),
    fieldSpec(kind).tag === 'choices' ? 'choice' : 'input',
    ...(labelHidden ? [] : ['label']),
    ...(hint ? ['hint'] : []),
  ],
  container: false,
  inside: { always: ['form'] },
  script: ({ other }) => (other === undefined ? undefined : ('own-choice' as const)),
  create: () => ({ type: 'field', kind: 'text', key: 'text', label: 'Your answer', required: false }),
  title: ({ label, kind }) => label || fieldSpec(kind).label,
  lacks: ({ label, country }) => [
    ...(label.trim() === '' ? [{ text: 'A field has no label, so screen readers can’t name it' }] : []),
    ...(country !== undefined && !/^[a-z]{2}$/i.test(country)
      ? [{ text: 'The country of phone numbers is not two letters, such as DE' }]
      : []),
  ],
  properties: [
    {
      path: ['kind'],
      label: 'Field type',
      control: 'choice',
      options: Object.fromEntries(fieldSpecs.map(({ kind, label }) => [kind, label])),
      // What another kind takes for a limit is none of this one.
      along: (kind: string) => ({
        options: fieldSpec(kind).options,
        ...{ min: undefined, max: undefined, other: undefined, country: undefined, pattern: undefined },
        tick: undefined,
      }),
    },
    { path: ['label'], label: 'Label', control: 'line', always: true },
    {
      path: ['options'],
      label: 'Options',
      control: 'list',
      only: ({ kind }: Field) => fieldSpec(kind).options !== undefined,
      entries: optionEntries,
    },
    {
      path: ['other'],
      label: 'Other option',
      control: 'line',
      only: ({ kind }: Field) => kind === 'choice' || kind === 'choices',
      help: 'What it is called; visitors enter a text of their own with it. Left empty, there is none.',
    },
    {
      path: ['country'],
      label: 'Country of numbers',
      control: 'line',
      only: ({ kind }: Field) => kind === 'phone',
      help: 'Two letters, such as DE. Numbers without a country code are read as numbers of this country.',
    },
    {
      path: ['tick'],
      label: 'Mailing list checkbox',
      control: 'line',
      only: ({ kind }: Field) => kind === 'email',
      help: 'Its label. Only those who tick it join the form’s mailing lists. Left empty, there is none.',
    },
    {
      path: ['labelHidden'],
      label: 'Hide label',
      control: 'toggle',
      help: 'Screen readers still read it.',
    },
    {
      path: ['placeholder'],
      label: 'Placeholder',
      control: 'line',
      // Browsers show none in a date or a time.
      only: ({ kind }: Field) => fieldSpec(kind).tag !== 'choices' && kind !== 'date' && kind !== 'time',
    },
    { path: ['hint'], label: 'Hint', control: 'line' },
    { path: ['required'], label: 'Required', control: 'toggle' },
    ...(['number', 'date', 'time'] as const).flatMap((takes): InspectorProperty[] =>
      limitKinds(takes).flatMap(({ limits, only }) => [
        {
          path: ['min'],
          label: limits.min,
          control: 'line',
          only,
          ...(limits.help && { help: limits.help }),
        },
        { path: ['max'], label: limits.max, control: 'line', only },
      ]),
    ),
    {
      path: ['requiredWhen'],
      label: 'Required when',
      control: 'answers',
      rare: true,
      only: ({ required }: Field) => !required,
    },
    {
      path: ['valid'],
      label: 'Valid only if',
      control: 'comparison',
      rare: true,
    },
    {
      path: ['initial'],
      label: 'Default value',
      control: 'line',
      rare: true,
      only: ({ kind }: Field) => !fieldSpec(kind).options,
    },
    {
      path: ['parameter'],
      label: 'Default from URL parameter',
      control: 'line',
      rare: true,
      help: 'With “name”, a page opened with ?name=Mira fills in Mira.',
    },
    {
      path: ['pattern'],
      label: 'Pattern',
      control: 'line',
      rare: true,
      only: ({ kind }: Field) => ['input', 'textarea'].includes(fieldSpec(kind).tag),
      help: 'A regular expression that the whole text has to match, such as [A-Z]{2}\\d{4}.',
    },
    { path: ['missing'], label: 'Message when empty', control: 'line', rare: true },
    { path: ['malformed'], label: 'Message when invalid', control: 'line', rare: true },
    {
      path: ['outside'],
      label: 'Message when out of range',
      control: 'line',
      rare: true,
      only: ({ kind }: Field) => fieldSpec(kind).limits !== undefined,
      help: '{limit} stands for the limit.',
    },
    { path: ['key'], label: 'Field name', control: 'line', rare: true, always: true },
  ],
  offers: fieldSpecs.map(({ kind, key, label, asks, options }) => ({
    label: `${label} field`,
    with: {
      kind,
      key,
      label: asks ?? label,
      required: kind === 'email' || kind === 'consent',
      ...(options && { options }),
    },
  })),
  answers: ({ key, label, kind, options }) => [
    {
      ...{ key, label, gives: fieldSpec(kind).gives ?? 'text' },
      ...(options && { options: options.map(optionText), values: optionValues(options) }),
    },
  ],
  render(element, { id, box, part, messages }) {
    const spec = fieldSpec(element.kind);
    const placed = { ...box, 'data-parameter': element.parameter };
    const hint = element.hint ? h('p', { id: `${id}-hint`, class: part('hint') }, element.hint) : null;
    const error = h('p', { id: `${id}-error`, class: part('error') });
    const described = `${hint ? `${id}-hint ` : ''}${id}-error`;
    const label = `label ${part('label')}${element.labelHidden ? ' unseen' : ''}`;
    const words = [
      element.label,
      !element.required &&
        !element.requiredWhen &&
        !element.labelHidden &&
        h('span', { class: 'optional' }, ` ${messages.optional}`),
    ];
    if (spec.tag === 'choices') {
      return h(
        'div',
        {
          ...placed,
          role: spec.attributes['type'] === 'radio' ? 'radiogroup' : 'group',
          'aria-labelledby': `${id}-label`,
          'aria-describedby': described,
        },
        h('span', { id: `${id}-label`, class: label }, ...words),
        choicesHtml(element, spec.attributes, part),
        hint,
        error,
      );
    }
    const control = {
      ...spec.attributes,
      id: `${id}-control`,
      name: element.key,
      class: `input ${part('input')}`,
      'aria-required': element.required ? 'true' : null,
      'aria-describedby': described,
    };
    // A placeholder is always there: whether it is shown says whether the field is empty.
    const isProse = ['name', 'text', 'long-text'].includes(element.kind);
    const typed = {
      ...control,
      dir: isProse ? 'auto' : null,
      placeholder: element.placeholder || ' ',
      maxlength: spec.maxLength,
    };
    return h(
      'div',
      placed,
      h('label', { for: control.id, class: label }, ...words),
      spec.tag === 'select'
        ? h(
            'select',
            control,
            h('option', { value: '' }, element.placeholder || messages.choose),
            ...(element.options ?? [])
              .map(optionText)
              .map((option) => h('option', { value: option, selected: option === element.initial }, option)),
          )
        : spec.tag === 'textarea'
          ? h('textarea', typed, element.initial ?? '')
          : h('input', { ...typed, value: element.initial }),
      hint,
      error,
      element.tick
        ? choiceHtml(
            { type: 'checkbox', name: listTickKey(element.key), value: element.tick },
            element.tick,
            {
              part,
              class: 'choice tick',
            },
          )
        : null,
    );
  },
  css: '&{display:grid}& p{margin:0;grid-area:hint}& p:empty{display:none}& [id$=-error]{grid-area:error}',
  cssFor: (element) => {
    const hasImages = (element.options ?? []).some((option) => optionImage(option) !== null);
    const isChoices = fieldSpec(element.kind).tag === 'choices';
    return [
      labelCss,
      ...(element.required ? [] : ['& .optional{font-weight:400}']),
      ...(isChoices ? [choicesCss] : [inputCss]),
      ...(element.tick ? [choicesCss, '& .tick{grid-column:1/-1;margin-block-start:6px}'] : []),
      ...(isChoices && hasImages ? [optionImageCss] : []),
      ...(element.kind === 'long-text' ? [longTextCss] : []),
      ...(fieldSpec(element.kind).tag === 'select' ? [selectCss] : []),
    ];
  },
  problems: (field) =>
    fieldSpec(field.kind).options && !field.options
      ? [['options', 'must be given for this type of field']]
      : [...limitProblems(field), ...patternProblems(field), ...optionProblems(field.options ?? [])],
  cssWhen: [
    { styles: /--l(?!j)\w+:(?!initial)/, css: placedLabelCss },
    { styles: /--cp:(?!initial)/, css: choiceButtonsCss },
  ],
  fieldRules(element: Field, id, messages, fields) {
    const valid = element.valid === undefined ? null : parseFormula(element.valid, fields, 'truth');
    const { says = {}, maxLength, tag, limits } = fieldSpec(element.kind);
    const { min, max, outside, requiredWhen } = element;
    const isTyped = tag === 'input' || tag === 'textarea';
    return [
      {
        element: id,
        key: element.key,
        kind: element.kind,
        label: element.label,
        required: element.required,
        maxLength,
        ...(element.options && { options: element.options.map(optionText) }),
        ...(element.pattern !== undefined && { pattern: element.pattern }),
        // What can't be read holds nobody back.
        ...(valid?.ok && { valid: { program: valid.program, names: valid.names } }),
        ...(element.other !== undefined && { other: true as const }),
        ...(element.country !== undefined && { country: element.country.toUpperCase() }),
        ...(min !== undefined && { min }),
        ...(max !== undefined && { max }),
        ...(requiredWhen && !element.required && { requiredWhen }),
        messages: {
          ...((element.required || requiredWhen) && {
            missing: element.missing || messages[says.missing ?? 'missing'],
          }),
          malformed: element.malformed || messages[says.malformed ?? 'malformed'],
          ...(isTyped && { tooLong: messages.tooLong }),
          ...(limits && min !== undefined && { tooSmall: outside || messages[limits.says.min] }),
          ...(limits && max !== undefined && { tooLarge: outside || messages[limits.says.max] }),
        },
      },
      ...(element.tick ? [tickRule(element.key, element.tick, id)] : []),
    ];
  },
});
