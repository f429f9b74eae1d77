import { randomBytes } from 'node:crypto';
import { createWriteStream } from 'node:fs';
import { mkdir, readdir, rm } from 'node:fs/promises';
import { join } from 'node:path';
import type { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { PayloadTooLargeException } from '@nestjs/common';

/** Largest upload, bytes. */
const uploadLimit = 40_000_000;

/** A file that came as the body of a request, and lies on disk until it is kept or dropped. */
export class Upload {
  private constructor(readonly path: string) {}

  /**
   * Writes a body to disk as it comes, so that it takes no memory.
   *
   * @param most bytes
   * @throws PayloadTooLargeException as soon as it is larger than an upload may be
   */
  static async receive(body: Readable, data: string, most = uploadLimit): Promise<Upload> {
    const folder = uploadFolder(data);
    await mkdir(folder, { recursive: true });
    const upload = new Upload(join(folder, randomBytes(12).toString('hex')));
    let size = 0;
    try {
      await pipeline(
        body,
        async function* (chunks: AsyncIterable<Buffer>) {
          for await (const chunk of chunks) {
            size += chunk.length;
            if (size > most) throw new PayloadTooLargeException(`The file is larger than ${most / 1e6} MB.`);
            yield chunk;
          }
        },
        createWriteStream(upload.path),
      );
      return upload;
    } catch (error) {
      await upload.drop();
      throw error;
    }
  }

  /** Takes it off the disk, where it has not been moved away. */
  async drop(): Promise<void> {
    await rm(this.path, { force: true });
  }
}

const uploadFolder = (data: string): string => join(data, 'uploads');

/** Takes away what a process that was killed left behind. */
export async function dropUploads(data: string): Promise<void> {
  for (const file of await readdir(uploadFolder(data)).catch(() => []))
    await rm(join(uploadFolder(data), file), { force: true });
}
