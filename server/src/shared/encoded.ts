import { createHash } from 'node:crypto';
import { promisify } from 'node:util';
import { brotliCompress, constants, gzip } from 'node:zlib';
import { negotiate } from '@fastify/accept-negotiator';
import type { FastifyReply, FastifyRequest } from 'fastify';

/** A text that is sent many times, in every form it is sent in, made once. */
export interface Encoded {
  text: string;
  /** What its content hashes to: the strong validator of the text as it is; its compressed forms add their name (RFC 9110, 8.8.3.3). */
  hash: string;
  /** The compressed forms; none of a text that is too short to gain by it. */
  forms: { br: Buffer; gzip: Buffer } | null;
}

/** Texts shorter than this go out as they are, bytes: they fit into the first packet either way. */
const least = 600;

/** Compresses a text as well as can be, beside the process's own thread (RFC 7932, RFC 1952). */
export async function encode(text: string): Promise<Encoded> {
  const bytes = Buffer.from(text);
  const hash = createHash('sha256').update(bytes).digest('hex').slice(0, 24);
  if (bytes.length < least) return { text, hash, forms: null };
  const [br, zipped] = await Promise.all([
    promisify(brotliCompress)(bytes, { params: { [constants.BROTLI_PARAM_QUALITY]: 11 } }),
    promisify(gzip)(bytes, { level: 9 }),
  ]);
  return { text, hash, forms: { br, gzip: zipped } };
}

/** Answers with the form that the asker takes, or with 304 where it has the text already. */
export function sendEncoded(
  { headers }: Pick<FastifyRequest, 'headers'>,
  reply: FastifyReply,
  { text, hash, forms }: Encoded,
): FastifyReply {
  const vary = reply.getHeader('vary');
  const form = forms && negotiate(headers['accept-encoding'] ?? '', ['br', 'gzip']);
  const encoding = form === 'br' || form === 'gzip' ? form : null;
  void reply
    .header('etag', `"${hash}${encoding ? `-${encoding}` : ''}"`)
    .header('vary', vary === undefined ? 'Accept-Encoding' : `${String(vary)}, Accept-Encoding`);
  // Who has the text has it in any form: compared weakly (RFC 9110, 13.1.2), and past what a proxy made of it.
  const known = (headers['if-none-match'] ?? '').split(',').map((one) => /"([0-9a-f]+)/.exec(one)?.[1]);
  if (known.includes(hash)) return reply.status(304).send();
  if (!forms || !encoding) return reply.send(text);
  return reply.header('content-encoding', encoding).send(forms[encoding]);
}
