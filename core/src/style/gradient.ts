import { valueAt } from '../base/maps/index.js';
import { formatHex, interpolate, parse } from 'culori';

export interface GradientStop {
  /** A CSS colour, or an alias such as `{color.accent}`. */
  colour: string;
  /** Share of the way, 0 to 1. */
  at: number;
}

/** A gradient as the studio edits it (CSS Images 4). */
export interface Gradient {
  kind: 'linear' | 'radial' | 'conic';
  /** Degrees, clockwise from upwards; of no meaning to a radial one. */
  angle: number;
  stops: GradientStop[];
}

const sides: Record<string, number> = { top: 0, right: 90, bottom: 180, left: 270 };
const written = /^(linear|radial|conic)-gradient\((.*)\)$/is;

/** Splits at the commas that stand in no bracket. */
function pieces(text: string): string[] {
  const found: string[] = [];
  let depth = 0;
  let from = 0;
  for (const [at, mark] of [...text].entries()) {
    if (mark === '(' || mark === '{') depth++;
    else if (mark === ')' || mark === '}') depth--;
    else if (mark === ',' && depth === 0) {
      found.push(text.slice(from, at).trim());
      from = at + 1;
    }
  }
  return [...found, text.slice(from).trim()];
}

/**
 * Reads a gradient; `null` for none, and for those of a form that the studio has no control for.
 *
 * @example readGradient('linear-gradient(90deg, #fff, #000)')?.stops.length // 2
 */
export function readGradient(text: string): Gradient | null {
  const [, kind, inside = ''] = written.exec(text.trim()) ?? [];
  if (!kind) return null;
  const parts = pieces(inside);
  const angle = angleOf(parts[0] ?? '');
  const own = angle === null ? parts : parts.slice(1);
  const stops = own.map((part, at) => stopOf(part, own.length > 1 ? at / (own.length - 1) : 0));
  if (stops.length < 2 || stops.some((stop) => stop === null)) return null;
  return {
    kind: kind.toLowerCase() as Gradient['kind'],
    angle: angle ?? 180,
    stops: stops as GradientStop[],
  };
}

function angleOf(part: string): number | null {
  const degrees = /^(?:from )?(-?[\d.]+)deg$/.exec(part)?.[1];
  if (degrees !== undefined) return Number(degrees);
  const side = /^to (top|right|bottom|left)$/.exec(part)?.[1];
  if (side) return valueAt(sides, side) as number;
  return /^(circle|ellipse|closest|farthest|at |from )/.test(part) ? 0 : null;
}

function stopOf(part: string, fallback: number): GradientStop | null {
  const [, colour = '', share] = /^(.+?)(?:\s+(-?[\d.]+)%)?$/.exec(part) ?? [];
  const known = colour.startsWith('{') || parse(colour) !== undefined;
  return known ? { colour, at: share === undefined ? fallback : Number(share) / 100 } : null;
}

/** Writes a gradient as CSS text, aliases left as they are. */
export function writeGradient({ kind, angle, stops }: Gradient): string {
  const start = { linear: `${angle}deg, `, conic: `from ${angle}deg, `, radial: 'circle, ' }[kind];
  const list = stops.map(({ colour, at }) => `${colour} ${Math.round(at * 1000) / 10}%`);
  return `${kind}-gradient(${start}${list.join(', ')})`;
}

/**
 * Colours along a gradient, as browsers mix them: in sRGB, with alpha multiplied in (CSS Images 4, 3.5).
 *
 * @param text with its aliases followed
 * @param count how many are taken between each two stops
 * @returns hex colours with alpha; none for what is no gradient
 */
export function gradientColours(text: string, count = 8): string[] {
  const stops = readGradient(text)?.stops.filter(({ colour }) => parse(colour)) ?? [];
  return stops.slice(1).flatMap((stop, index) => {
    const mix = interpolate([(stops[index] as GradientStop).colour, stop.colour], 'rgb');
    return Array.from({ length: count + 1 }, (_, at) => {
      const colour = mix(at / count);
      const alpha = Math.round((colour.alpha ?? 1) * 255);
      return formatHex(colour) + (alpha < 255 ? alpha.toString(16).padStart(2, '0') : '');
    });
  });
}
