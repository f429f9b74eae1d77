import { Type, type TSchema } from '@sinclair/typebox';
import { strict } from '../base/schema/index.js';

// What several kinds of rules hold.

/** The address name of a widget; empty where none is chosen yet. */
export const widgetName = () => Type.String({ maxLength: 80 });

/** Short texts, none of them empty. */
export const texts = (maxItems: number, maxLength: number) =>
  Type.Array(Type.String({ minLength: 1, maxLength }), { maxItems });

/** A time of day on a 24-hour clock; `24:00` is the day's end. */
export const timeOfDay = () =>
  Type.String({
    pattern: '^(([01]\\d|2[0-3]):[0-5]\\d|24:00)$',
    description: 'must be a time of day, such as 16:00',
  });

/** Days of the week, Monday is 1 (ISO 8601). */
export const weekdays = () =>
  Type.Array(Type.Integer({ minimum: 1, maximum: 7 }), { minItems: 1, maxItems: 7, uniqueItems: true });

/** Conditions, nested to any depth: all, any or none of them. */
export const treeOf = (leaves: readonly TSchema[]) =>
  Type.Recursive((self) =>
    Type.Union([
      ...(['all', 'any', 'none'] as const).map((key) =>
        Type.Object({ [key]: Type.Array(self, { maxItems: 50 }) }, strict),
      ),
      ...leaves,
    ]),
  );
