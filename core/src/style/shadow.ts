import { isSafeColour } from '../base/sanitise/index.js';
import { colourValue } from './token-colour.js';
import { px, type TokenShadow } from './tokens.js';

const layerText =
  /^(inset\s+)?(-?[\d.]+)(?:px)?\s+(-?[\d.]+)(?:px)?(?:\s+(-?[\d.]+)(?:px)?)?(?:\s+(-?[\d.]+)(?:px)?)?\s+(\S.*)$/;

/**
 * Reads a shadow written as CSS into the layers that token files hold (Format Module 2025.10, 9.6; lengths in px).
 *
 * @param text at most 300 characters
 * @returns `null` where it can't be read; none for `none`
 */
export function readShadowText(text: string): TokenShadow[] | null {
  if (text.length > 300) return null;
  if (text === 'none') return [];
  const layers = text.split(/,(?![^(]*\))/).map((layer) => {
    const [, inset, x, y, blur = '0', spread = '0', colour = ''] = layerText.exec(layer.trim()) ?? [];
    // An open bracket would take what stands after it along.
    const color = isSafeColour(colour) ? colourValue(colour) : null;
    const lengths = [x, y, blur, spread].map(Number);
    if (!color || !lengths.every(Number.isFinite)) return null;
    const [offsetX, offsetY, far, wide] = lengths.map(px);
    return { color, offsetX, offsetY, blur: far, spread: wide, ...(inset && { inset: true }) } as TokenShadow;
  });
  return layers.every((layer) => layer !== null) ? layers : null;
}
