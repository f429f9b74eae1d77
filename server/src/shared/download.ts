import { Readable } from 'node:stream';
import type { FastifyReply } from 'fastify';

/** Answers with a file that is written while it is sent. */
export const download = (reply: FastifyReply, file: string, type: string, content: AsyncIterable<string>) =>
  reply
    .type(`${type}; charset=utf-8`)
    .header('content-disposition', `attachment; filename="${file}"`)
    .send(Readable.from(content));
