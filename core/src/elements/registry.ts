import type { Static } from '@sinclair/typebox';
import { button } from './button.js';
import { field } from './field.js';
import { form } from './form.js';
import { group } from './group.js';
import { text } from './text.js';

/** Every kind of element. A new one is its file and a line here. */
export const definitions = { text, button, form, field, group };

export type ElementType = keyof typeof definitions;
type Definition = (typeof definitions)[ElementType];

/** Any element of a widget. Its `type` says which. */
export type Element = {
  [T in ElementType]: Static<(typeof definitions)[T]['schema']> & { type: T };
}[ElementType];

export type ElementSchema = Definition['schema'];
