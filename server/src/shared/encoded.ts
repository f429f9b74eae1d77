import { createHash } from 'node:crypto';
import { promisify } from 'node:util';
import { brotliCompress, constants, gzip } from 'node:zlib';
import { negotiate } from '@fastify/accept-negotiator';
import type { FastifyReply, FastifyRequest } from 'fastify';

/** A text that is sent many times, in every form it is sent in, made once. */
export interface Encoded {
  text: string;
  /** Weak, since it is the same for all forms of the text (RFC 9110, 8.8.1). */
  etag: string;
  /** The compressed forms; none of a text that is too short to gain by it. */
  forms: { br: Buffer; gzip: Buffer } | null;
}

/** Texts shorter than this go out as they are, bytes: they fit into the first packet either way. */
const least = 600;

/** Compresses a text as well as can be, beside the process's own thread (RFC 7932, RFC 1952). */
export async function encode(text: string): Promise<Encoded> {
  const bytes = Buffer.from(text);
  const etag = `W/"${createHash('sha256').update(bytes).digest('hex').slice(0, 24)}"`;
  if (bytes.length < least) return { text, etag, forms: null };
  const [br, zipped] = await Promise.all([
    promisify(brotliCompress)(bytes, { params: { [constants.BROTLI_PARAM_QUALITY]: 11 } }),
    promisify(gzip)(bytes, { level: 9 }),
  ]);
  return { text, etag, forms: { br, gzip: zipped } };
}

/** Answers with the form that the asker takes, or with 304 where it has the text already. */
export function sendEncoded(
  { headers }: Pick<FastifyRequest, 'headers'>,
  reply: FastifyReply,
  { text, etag, forms }: Encoded,
): FastifyReply {
  const vary = reply.getHeader('vary');
  void reply
    .header('etag', etag)
    .header('vary', vary === undefined ? 'Accept-Encoding' : `${String(vary)}, Accept-Encoding`);
  const known = (headers['if-none-match'] ?? '').split(',').map((one) => one.trim());
  if (known.includes(etag)) return reply.status(304).send();
  const form = forms && negotiate(headers['accept-encoding'] ?? '', ['br', 'gzip']);
  if (!forms || (form !== 'br' && form !== 'gzip')) return reply.send(text);
  return reply.header('content-encoding', form).send(forms[form]);
}
