import { create } from 'fontkit';
import { Refusal } from '../foreign/refusal.js';
import { unpackedSize } from './woff2.js';

/** Most bytes that a font may unpack to. The largest that ship for a script of its own take about twenty million. */
const mostBytes = 32_000_000;

/** @throws Refusal when it can't be read as a WOFF2 font */
export function readFont(content: Uint8Array): { family: string; weight: string } {
  const unreadable = 'The file claims to be a WOFF2 font but can’t be read as one.';
  const size = unpackedSize(content);
  if (size === null) throw new Refusal(unreadable);
  if (size > mostBytes)
    throw new Refusal(
      `The font unpacks to more than ${mostBytes / 1e6} MB. Leave out scripts that the site does not use.`,
    );
  try {
    const font = create(Buffer.from(content.buffer, content.byteOffset, content.byteLength));
    const axis = font.variationAxes?.['wght'];
    const weight = axis
      ? `${Math.round(axis.min)} ${Math.round(axis.max)}`
      : String(font['OS/2']?.usWeightClass ?? 400);
    const family = (font.familyName ?? '')
      .slice(0, 400)
      .replace(/[^A-Za-z0-9 _-]/g, '')
      .slice(0, 80)
      .trim();
    if (!family || font.numGlyphs < 1) throw new Error('no family');
    return { family, weight };
  } catch {
    throw new Refusal(unreadable);
  }
}
