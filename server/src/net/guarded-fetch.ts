import { lookup as lookUpName } from 'node:dns';
import type { LookupAddress, LookupOptions } from 'node:dns';
import { Inject, Injectable, type OnApplicationShutdown } from '@nestjs/common';
import { Agent, fetch } from 'undici';
import { CONFIG, type Config } from '../config.js';
import { isPublicAddress, literalAddress } from './addresses.js';

/** Why nothing was had from an address: it is a private one, it did not answer in time, or the connection failed. */
export class FetchError extends Error {
  constructor(
    readonly reason: 'private' | 'unknown host' | 'slow' | 'broken' | 'too large',
    readonly url: URL,
  ) {
    super(`${url.href}: ${reason}`);
  }
}

/** What an address answered. A redirect is not followed: whoever asks decides whether its target may be asked too. */
export interface Fetched {
  status: number;
  ok: boolean;
  type: string;
  location: string | null;
  /** Reads the body, up to so many bytes. Call it or `drop`, always one of them. */
  text(mostBytes: number): Promise<string>;
  drop(): Promise<void>;
}

export interface FetchOptions {
  method?: string;
  headers?: Record<string, string>;
  body?: string;
  /** How long all of it may take, ms. */
  patience: number;
}

type LookedUp = (error: Error | null, addresses: LookupAddress[] | string, family?: number) => void;

class PrivateAddressError extends Error {}

// Called by the connection itself, so that what is checked is what is connected to: no name can mean another address
// a moment later.
function lookUpPublic(hostname: string, options: LookupOptions, done: LookedUp): void {
  lookUpName(hostname, { ...options, all: true }, (error, found) => {
    if (error) return done(error, '');
    if (found.some(({ address }) => !isPublicAddress(address)))
      return done(new PrivateAddressError(hostname), '');
    const [first] = found;
    if (options.all) done(null, found);
    else done(null, first?.address ?? '', first?.family ?? 4);
  });
}

/**
 * The one way out to addresses that people name: pages, style sheets, and whatever actions call. Never into the network that
 * this server stands in, except to hosts that the operator has named.
 */
@Injectable()
export class GuardedFetch implements OnApplicationShutdown {
  readonly #public = new Agent({ connect: { lookup: lookUpPublic as never } });
  readonly #private = new Agent();

  constructor(@Inject(CONFIG) private readonly config: Config) {}

  async onApplicationShutdown(): Promise<void> {
    await Promise.all([this.#public.destroy(), this.#private.destroy()]);
  }

  /** Asks an address. Throws a {@link FetchError} where nothing comes of it. */
  async fetch(url: URL, { patience, ...request }: FetchOptions): Promise<Fetched> {
    const isAllowed = this.config.privateHosts.includes(url.host);
    const literal = literalAddress(url.hostname);
    if (!isAllowed && literal && !isPublicAddress(literal)) throw new FetchError('private', url);
    try {
      const response = await fetch(url, {
        ...request,
        dispatcher: isAllowed ? this.#private : this.#public,
        redirect: 'manual',
        signal: AbortSignal.timeout(patience),
      });
      const { status, ok, headers, body } = response;
      return {
        status,
        ok,
        type: headers.get('content-type') ?? '',
        location: status >= 300 && status < 400 ? headers.get('location') : null,
        text: (mostBytes) => readText((body ?? []) as AsyncIterable<Uint8Array>, mostBytes, url),
        drop: async () => body?.cancel(),
      };
    } catch (error) {
      throw failureOf(error, url);
    }
  }
}

async function readText(body: AsyncIterable<Uint8Array>, mostBytes: number, url: URL): Promise<string> {
  const chunks: Uint8Array[] = [];
  let size = 0;
  try {
    for await (const chunk of body) {
      size += chunk.length;
      if (size > mostBytes) throw new FetchError('too large', url);
      chunks.push(chunk);
    }
  } catch (error) {
    throw failureOf(error, url);
  }
  return Buffer.concat(chunks).toString('utf8');
}

function failureOf(error: unknown, url: URL): FetchError {
  if (error instanceof FetchError) return error;
  const { name, cause } = error as { name?: string; cause?: unknown };
  if (cause instanceof PrivateAddressError) return new FetchError('private', url);
  if ((cause as { code?: string } | undefined)?.code === 'ENOTFOUND')
    return new FetchError('unknown host', url);
  return new FetchError(name === 'TimeoutError' || name === 'AbortError' ? 'slow' : 'broken', url);
}
