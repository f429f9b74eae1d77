/** The units that a length keeps beside px, which is written as a plain number. */
export const lengthUnits = ['rem', 'em', '%', 'vw', 'vh', 'ch'] as const;
export type LengthUnit = (typeof lengthUnits)[number];

/** A length of one side: px, or text such as `1.5rem`. */
export type Length = number | string;

interface Range {
  min: number;
  max: number;
}

// What one unit is worth at the browser's own type size: only to bound a length, never to draw it.
const nominalPx: Partial<Record<LengthUnit, number>> = { rem: 16, em: 16, ch: 8 };
const longestText = 16;
const written = new RegExp(`^(-?(?:\\d{1,5}(?:\\.\\d{1,4})?|\\.\\d{1,4}))(${lengthUnits.join('|')})$`);

/**
 * The least and the most of a length in a unit, from the range in px that its property allows.
 * Shares of a box or a window run to 100, and to -100 where the property may be negative.
 */
export function rangeIn(unit: LengthUnit, { min, max }: Range): Range {
  const worth = nominalPx[unit];
  return worth ? { min: min / worth, max: max / worth } : { min: min < 0 ? -100 : 0, max: 100 };
}

/** Whether a value is a length with a unit that stays within the range of its property, such as `1.5rem`. */
export function isWrittenLength(value: unknown, units: readonly string[], range: Range): value is string {
  const [, number, unit] =
    (typeof value === 'string' && value.length <= longestText && written.exec(value)) || [];
  if (unit === undefined || !units.includes(unit)) return false;
  const { min, max } = rangeIn(unit as LengthUnit, range);
  return Number(number) >= min && Number(number) <= max;
}

/** A length as CSS: px for a plain number. */
export const lengthCss = (length: Length): string =>
  typeof length === 'string' ? length : length === 0 ? '0' : `${length}px`;
