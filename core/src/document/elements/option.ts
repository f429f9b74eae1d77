import { Type, type Static } from '@sinclair/typebox';
import { h, type Html } from '../../base/html/index.js';
import { safeImage, wholeImage } from '../../base/sanitise/index.js';
import { addressText, type InspectorProperty } from './definition.js';

const text = Type.String({ minLength: 1, maxLength: 500 });

/** What can be chosen: a text, or one with a number that it stands for in formulas and a picture. */
export const optionSchema = Type.Union([
  text,
  Type.Object(
    {
      text,
      value: Type.Optional(Type.Number({ minimum: -1e9, maximum: 1e9 })),
      image: Type.Optional(addressText),
    },
    { additionalProperties: false },
  ),
]);

export type Option = Static<typeof optionSchema>;

const whole = (option: Option) => (typeof option === 'string' ? { text: option } : option);

/** An option as it is sent, stored and read. */
export const optionText = (option: Option): string => whole(option).text;

/** The numbers that options stand for, by their texts; `undefined` where none does. */
export function optionValues(options: readonly Option[]): Record<string, number> | undefined {
  const values = options
    .map(whole)
    .flatMap(({ text, value }) => (value === undefined ? [] : [[text, value]]));
  return values.length > 0 ? Object.fromEntries(values) : undefined;
}

/** The picture of an option, which its text tells already. */
export function optionImage(option: Option): Html | null {
  const { image } = whole(option);
  return image ? h('img', { src: wholeImage(safeImage(image) ?? ''), alt: '' }) : null;
}

/** What is wrong with the pictures of options: `[path, reason]`. */
export const optionProblems = (options: readonly Option[]): [string, string][] =>
  options
    .map(whole)
    .flatMap(({ image }, at) =>
      image && safeImage(image) === null
        ? [[`options/${at}/image`, 'must be an upload, or an address starting with https:']]
        : [],
    );

/** Room for the pictures is kept before they are there. */
export const optionImageCss =
  '& .choice:has(>img){display:grid;grid-template-columns:auto 1fr;align-items:start}& .choice>img{grid-column:1/-1;width:100%;max-width:240px;aspect-ratio:4/3;object-fit:cover;border-radius:inherit}';

/** Options as the inspector edits them: what only has a text is kept as one. */
export const optionEntries = {
  properties: [
    { path: ['text'], label: 'Option', control: 'line', always: true },
    { path: ['value'], label: 'Value', control: 'number', rare: true },
    { path: ['image'], label: 'Image', control: 'image', rare: true },
  ],
  blank: () => 'New option',
  title: optionText,
  open: whole,
  close: (entry: Exclude<Option, string>): Option => (Object.keys(entry).length === 1 ? entry.text : entry),
} as const satisfies InspectorProperty['entries'];
