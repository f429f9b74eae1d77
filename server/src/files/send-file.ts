import { createReadStream } from 'node:fs';
import { NotFoundException } from '@nestjs/common';
import type { FastifyReply } from 'fastify';
import type { FileEntity } from './files.entity.js';

/** What browsers draw and nothing else; all other files are only ever saved. */
const drawn = new Set(['image/jpeg', 'image/png', 'image/webp', 'image/gif']);

/** Sends a stranger's file from our own origin: it runs nothing, is no page, and is taken for nothing else. */
export async function sendFile(
  reply: FastifyReply,
  { file, path }: { file: FileEntity; path: string },
): Promise<FastifyReply> {
  const isDrawn = drawn.has(file.type);
  const stream = createReadStream(path);
  await new Promise<void>((opened, failed) => {
    stream.once('open', () => opened());
    stream.once('error', () => failed(new NotFoundException('The content of this file is gone.')));
  });
  return reply
    .type(isDrawn ? file.type : 'application/octet-stream')
    .headers({
      'content-security-policy': "default-src 'none'; sandbox",
      'x-content-type-options': 'nosniff',
      'cache-control': 'private, max-age=3600',
      'content-length': file.bytes,
      'content-disposition': `${isDrawn ? 'inline' : 'attachment'}; filename*=UTF-8''${encodeURIComponent(file.name)}`,
    })
    .send(stream);
}
