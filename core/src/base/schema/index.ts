import { Type } from '@sinclair/typebox';

/** For objects: what is not named in them is refused. */
export const strict = { additionalProperties: false };

/** One of several texts, such as `oneOf(['top', 'bottom'])`. */
export const oneOf = <const T extends string>(values: readonly T[]) =>
  Type.Union(values.map((value) => Type.Literal(value)));
