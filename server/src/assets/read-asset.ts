import { BadRequestException } from '@nestjs/common';
import { pictureWidths } from '@sirene/core/elements';
import { safeSvg } from '@sirene/core/foreign';
import { create } from 'fontkit';
import sharp, { type Sharp } from 'sharp';
import type { AssetKind } from './assets.entity.js';

/** Largest picture, pixels: what a phone's camera takes, and no more memory than a server has. */
const mostPixels = 50_000_000;

/** An upload, checked and made ready to be served. */
export interface ReadAsset {
  kind: AssetKind;
  /** The file that documents refer to. */
  file: string;
  /** Every file to be kept, by its name. */
  files: Record<string, Buffer>;
  width: number | null;
  height: number | null;
  family: string | null;
  weight: string | null;
}

const none = { width: null, height: null, family: null, weight: null };

/**
 * Looks at what was sent, never at what it was called: a picture, a film or a typeface is one by its content.
 *
 * @throws BadRequestException with a sentence for people when it is none of them
 */
export async function readAsset(content: Buffer): Promise<ReadAsset> {
  if (content.length === 0) throw new BadRequestException('The file is empty.');
  if (content.subarray(0, 4).toString('latin1') === 'wOF2') return readFont(content);
  const film = filmType(content);
  if (film) return { ...none, kind: 'film', file: `film.${film}`, files: { [`film.${film}`]: content } };
  if (
    /^\s*(<\?xml[^>]*>\s*)?(<!--[\s\S]*?-->\s*)*(<!doctype svg[^>]*>\s*)?<svg[\s>]/i.test(
      content.subarray(0, 2000).toString('utf8'),
    )
  )
    return readSvg(content.toString('utf8'));
  return readPicture(content);
}

function filmType(content: Buffer): 'mp4' | 'webm' | null {
  if (
    content.subarray(4, 8).toString('latin1') === 'ftyp' &&
    !/avi[fs]|heic|mif1/.test(content.subarray(8, 12).toString('latin1'))
  )
    return 'mp4';
  return content.readUInt32BE(0) === 0x1a45dfa3 ? 'webm' : null;
}

async function readPicture(content: Buffer): Promise<ReadAsset> {
  const open = () => sharp(content, { limitInputPixels: mostPixels, failOn: 'error' });
  try {
    // Read from the header alone, before a single pixel is unpacked.
    const header = sharp(content, { limitInputPixels: false });
    const { width: across, height: down, orientation = 1 } = await header.metadata();
    if (across * down > mostPixels)
      throw new BadRequestException(
        `The picture is ${across} × ${down} pixels; at most ${mostPixels / 1e6} million can be used. Make it smaller and try again.`,
      );
    const [width, height] = orientation >= 5 ? [down, across] : [across, down];
    const files: Record<string, Buffer> = { 'full.webp': await sized(open(), Math.min(width, 2560)) };
    for (const one of pictureWidths) if (one < width) files[`${one}.webp`] = await sized(open(), one);
    return { ...none, kind: 'picture', file: 'full.webp', files, width, height };
  } catch (error) {
    if (error instanceof BadRequestException) throw error;
    const large = error instanceof Error && /pixel limit/i.test(error.message);
    throw new BadRequestException(
      large
        ? `The picture has more than ${mostPixels / 1e6} million pixels. Make it smaller and try again.`
        : 'The file is no picture, film or typeface that can be read. Pictures: PNG, JPEG, WebP, AVIF, GIF, SVG; films: MP4, WebM; typefaces: WOFF2.',
    );
  }
}

const sized = (picture: Sharp, width: number): Promise<Buffer> =>
  picture.rotate().resize({ width, withoutEnlargement: true }).webp({ quality: 82 }).toBuffer();

function readSvg(source: string): ReadAsset {
  const { text } = safeSvg(source);
  if (text.replace(/<\/?svg[^>]*>/g, '').trim() === '')
    throw new BadRequestException('The SVG holds no drawing that can be used.');
  const content = Buffer.from(
    text.includes('xmlns=') ? text : text.replace('<svg', '<svg xmlns="http://www.w3.org/2000/svg"'),
  );
  const box = /viewBox="[\d.-]+[ ,]+[\d.-]+[ ,]+([\d.]+)[ ,]+([\d.]+)"/.exec(text);
  const [width = null, height = null] = box ? [Math.round(Number(box[1])), Math.round(Number(box[2]))] : [];
  return { ...none, kind: 'picture', file: 'full.svg', files: { 'full.svg': content }, width, height };
}

function readFont(content: Buffer): ReadAsset {
  try {
    const font = create(content);
    const axis = font.variationAxes?.['wght'];
    const weight = axis
      ? `${Math.round(axis.min)} ${Math.round(axis.max)}`
      : String(font['OS/2']?.usWeightClass ?? 400);
    const family = (font.familyName ?? '')
      .replace(/[^A-Za-z0-9 _-]/g, '')
      .slice(0, 80)
      .trim();
    if (!family || font.numGlyphs < 1) throw new Error('no family');
    return { ...none, kind: 'font', file: 'font.woff2', files: { 'font.woff2': content }, family, weight };
  } catch {
    throw new BadRequestException('The file calls itself a WOFF2 typeface but can’t be read as one.');
  }
}
