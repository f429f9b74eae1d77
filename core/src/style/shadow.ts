import { colourValue } from './token-import.js';
import { px, type TokenShadow } from './tokens.js';

const layerText =
  /^(inset\s+)?(-?[\d.]+)(?:px)?\s+(-?[\d.]+)(?:px)?(?:\s+(-?[\d.]+)(?:px)?)?(?:\s+(-?[\d.]+)(?:px)?)?\s+(\S.*)$/;

/**
 * Reads a shadow written as CSS into the layers that token files hold (Format Module 2025.10, 9.6; lengths in px).
 *
 * @returns `null` where it can't be read; none for `none`
 */
export function readShadowText(text: string): TokenShadow[] | null {
  if (text === 'none') return [];
  const layers = text.split(/,(?![^(]*\))/).map((layer) => {
    const [, inset, x, y, blur = '0', spread = '0', colour = ''] = layerText.exec(layer.trim()) ?? [];
    const color = colourValue(colour);
    if (x === undefined || y === undefined || !color) return null;
    const [offsetX, offsetY, far, wide] = [x, y, blur, spread].map((one) => px(Number(one)));
    return { color, offsetX, offsetY, blur: far, spread: wide, ...(inset && { inset: true }) } as TokenShadow;
  });
  return layers.every((layer) => layer !== null) ? layers : null;
}
