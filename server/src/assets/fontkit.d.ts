/** What is used of fontkit, which brings no types. */
declare module 'fontkit' {
  export interface Font {
    familyName?: string;
    numGlyphs: number;
    variationAxes?: Record<string, { min: number; max: number }>;
    'OS/2'?: { usWeightClass?: number };
  }
  /** Reads a typeface; throws when it can't. */
  export function create(content: Buffer): Font;
}
