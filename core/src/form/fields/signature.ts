import type { FieldCheck, FieldKind } from '../field.js';

/** A drawing as the path of an SVG, in whole units: strokes of points, and nothing else. */
const path = /^(M\d{1,4} \d{1,4}(L\d{1,4} \d{1,4})*)+$/;

/** Whether a signature was drawn; else it is a name that was typed. */
export const isDrawn = (value: string): boolean => path.test(value);

export const signature: FieldKind = {
  tidy: (value) => value.trim(),
};

export const signatureCheck: FieldCheck = {
  accepts: (value) => isDrawn(value) || (value.length <= 120 && /\p{L}{2}/u.test(value)),
};
