import { BadRequestException } from '@nestjs/common';
import { imageWidths } from '@sirene/core/document/elements';
import sharp, { type Sharp } from 'sharp';

/** Largest image, pixels: what a phone's camera takes, and no more memory than a server has. */
const mostPixels = 50_000_000;

/** Longest time for one size of an image, s. */
const patience = 20;

export interface ReadImage {
  /** The sizes it is served in, by the name of their file. */
  files: Record<string, Buffer>;
  width: number;
  height: number;
}

/**
 * Decodes an image and writes it anew in sizes. The decoder works beside the process's own thread, with limits of its
 * own to size and time.
 *
 * @throws BadRequestException when it is no image, or one that is too large
 */
export async function readImage(path: string): Promise<ReadImage> {
  const open = () =>
    sharp(path, { limitInputPixels: mostPixels, failOn: 'error' }).timeout({ seconds: patience });
  try {
    // Read from the header alone, before a single pixel is unpacked.
    const header = sharp(path, { limitInputPixels: false });
    const { width: across, height: down, orientation = 1 } = await header.metadata();
    if (across * down > mostPixels)
      throw new BadRequestException(
        `The image is ${across} × ${down} pixels; at most ${mostPixels / 1e6} million can be used. Make it smaller and try again.`,
      );
    const [width, height] = orientation >= 5 ? [down, across] : [across, down];
    const files: Record<string, Buffer> = { 'full.webp': await sized(open(), Math.min(width, 2560)) };
    for (const one of imageWidths) if (one < width) files[`${one}.webp`] = await sized(open(), one);
    return { files, width, height };
  } catch (error) {
    if (error instanceof BadRequestException) throw error;
    const large = error instanceof Error && /pixel limit/i.test(error.message);
    throw new BadRequestException(
      large
        ? `The image has more than ${mostPixels / 1e6} million pixels. Make it smaller and try again.`
        : 'The file is not an image, video or font that can be read. Images: PNG, JPEG, WebP, AVIF, GIF, SVG; videos: MP4, WebM; fonts: WOFF2.',
    );
  }
}

const sized = (image: Sharp, width: number): Promise<Buffer> =>
  image.rotate().resize({ width, withoutEnlargement: true }).webp({ quality: 82 }).toBuffer();
