import { Type } from '@sinclair/typebox';

/** For objects: what is not named in them is refused. */
export const strict = { additionalProperties: false };

/** One of several texts, such as `oneOf(['top', 'bottom'])`. */
export const oneOf = <const T extends string>(values: readonly T[]) =>
  Type.Union(values.map((value) => Type.Literal(value)));

/** A date and time as the clock on the wall shows them (ISO 8601). */
export const wallClock = () =>
  Type.String({
    pattern: '^\\d{4}-\\d{2}-\\d{2}T\\d{2}:\\d{2}(:\\d{2})?$',
    description: 'must be a date and time, such as 2027-01-12T20:00',
  });
