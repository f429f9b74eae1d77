import { converter, formatHex, parse } from 'culori';
import { isGroup } from '../base/maps/index.js';
import type { TokenColour } from './tokens.js';

const toRgb = converter('rgb');

/** A colour as a token holds it, from CSS text or from the form of a token file; `null` where it can't be read. */
export function colourValue(value: unknown): TokenColour | null {
  if (typeof value === 'string') {
    if (value.length > 200) return null;
    const rgb = toRgb(parse(value.trim()));
    if (!rgb) return null;
    const components = [rgb.r, rgb.g, rgb.b].map((one) => Math.round(one * 1e4) / 1e4);
    const alpha = rgb.alpha ?? 1;
    return { colorSpace: 'srgb', components, ...(alpha < 1 ? { alpha } : { hex: formatHex(rgb) }) };
  }
  if (!isGroup(value)) return null;
  const { colorSpace, components, alpha, hex } = value;
  const numbers =
    Array.isArray(components) && components.length === 3
      ? components.map((one: unknown) => (one === 'none' ? 0 : typeof one === 'number' ? one : NaN))
      : null;
  if (
    !numbers?.every(Number.isFinite) ||
    typeof colorSpace !== 'string' ||
    !/^[a-z0-9-]{3,20}$/.test(colorSpace)
  )
    return null;
  const colour: TokenColour = { colorSpace, components: numbers };
  if (typeof alpha === 'number' && alpha >= 0 && alpha < 1) colour.alpha = alpha;
  if (typeof hex === 'string' && /^#[0-9a-f]{6}$/i.test(hex)) colour.hex = hex;
  return parse(cssOf(colour)) ? colour : null;
}

const cssOf = ({ colorSpace, components }: TokenColour): string =>
  colorSpace === 'hsl'
    ? `hsl(${components[0]} ${components[1]}% ${components[2]}%)`
    : colorSpace === 'oklch'
      ? `oklch(${components.join(' ')})`
      : `color(${colorSpace} ${components.join(' ')})`;
