import { open, readFile, stat } from 'node:fs/promises';
import { BadRequestException } from '@nestjs/common';
import type { WorkerPool } from '../foreign/worker-pool.js';
import type { AssetKind } from './assets.entity.js';
import { readImage } from './read-image.js';

/** Largest drawing, font and document, bytes; images and videos may be as large as an upload. */
const mostSvg = 2_000_000;
const mostFont = 10_000_000;
const mostDocument = 25_000_000;

/** An upload, checked and made ready to be served. */
export interface ReadAsset {
  kind: AssetKind;
  /** The file that documents refer to. */
  file: string;
  /** Every file to be kept, by its name: its content, or `upload` where the file that came is kept as it is. */
  files: Record<string, Buffer | 'upload'>;
  bytes: number;
  width: number | null;
  height: number | null;
  family: string | null;
  weight: string | null;
}

const none = { width: null, height: null, family: null, weight: null };

/**
 * Looks at what was sent, never at what it was called: an image, a video or a typeface is one by its content.
 *
 * @param path where the upload lies
 * @param name what it was called, which a document is handed over by
 * @throws BadRequestException with a sentence for people when it is none of them
 */
export async function readAsset(path: string, name: string, workers: WorkerPool): Promise<ReadAsset> {
  const { size } = await stat(path);
  if (size === 0) throw new BadRequestException('The file is empty.');
  const start = await startOf(path);
  if (start.subarray(0, 4).toString('latin1') === 'wOF2') {
    refuseOver(size, mostFont, 'font');
    const font = await workers.run('font', await readFile(path));
    return {
      ...none,
      kind: 'font',
      file: 'font.woff2',
      files: { 'font.woff2': 'upload' },
      bytes: size,
      ...font,
    };
  }
  if (start.subarray(0, 5).toString('latin1') === '%PDF-') {
    refuseOver(size, mostDocument, 'PDF');
    const file = documentName(name);
    return { ...none, kind: 'document', file, files: { [file]: 'upload' }, bytes: size };
  }
  const video = videoType(start);
  if (video) {
    const file = `video.${video}`;
    return { ...none, kind: 'video', file, files: { [file]: 'upload' }, bytes: size };
  }
  if (isMarkup(start)) {
    refuseOver(size, mostSvg, 'SVG');
    const { content, ...box } = await workers.run('svg', await readFile(path, 'utf8'));
    return withBytes({
      ...none,
      kind: 'image',
      file: 'full.svg',
      files: { 'full.svg': Buffer.from(content) },
      ...box,
    });
  }
  return withBytes({ ...none, kind: 'image', file: 'full.webp', ...(await readImage(path)) });
}

/** The first bytes of a file, as many as it takes to tell what it is. */
async function startOf(path: string): Promise<Buffer> {
  const file = await open(path);
  try {
    const { buffer, bytesRead } = await file.read({ buffer: Buffer.alloc(64) });
    return buffer.subarray(0, bytesRead);
  } finally {
    await file.close();
  }
}

/** A name that stands in an address: `Price list 2027.pdf` as `price-list-2027.pdf`. */
const documentName = (name: string): string => {
  const stem = name
    .replace(/\.pdf$/i, '')
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .slice(0, 36)
    .replace(/^-+|-+$/g, '');
  return `${stem || 'document'}.pdf`;
};

const refuseOver = (size: number, most: number, what: string): void => {
  if (size > most)
    throw new BadRequestException(
      `The ${what} is larger than ${most / 1e6} MB. Make it smaller and try again.`,
    );
};

function videoType(start: Buffer): 'mp4' | 'webm' | null {
  if (
    start.subarray(4, 8).toString('latin1') === 'ftyp' &&
    !/avi[fs]|heic|mif1/.test(start.subarray(8, 12).toString('latin1'))
  )
    return 'mp4';
  return start.subarray(0, 4).toString('hex') === '1a45dfa3' ? 'webm' : null;
}

// No other kind of file begins like this; whether it is a drawing is for who reads it to say.
const isMarkup = (start: Buffer): boolean =>
  start
    .toString('utf8')
    .replace(/^\ufeff/, '')
    .trimStart()
    .startsWith('<');

function withBytes(read: Omit<ReadAsset, 'bytes' | 'files'> & { files: Record<string, Buffer> }): ReadAsset {
  const bytes = Object.values(read.files).reduce((sum, content) => sum + content.length, 0);
  return { ...read, bytes };
}
