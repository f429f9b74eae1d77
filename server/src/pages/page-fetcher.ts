import { lookup as lookUpName } from 'node:dns';
import type { LookupAddress, LookupOptions } from 'node:dns';
import { BadRequestException, Inject, Injectable, type OnApplicationShutdown } from '@nestjs/common';
import { Agent, fetch, type Response } from 'undici';
import { CONFIG, type Config } from '../config.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { isPublicAddress, literalAddress } from './addresses.js';

/** What a page's address led to. */
export interface FetchedPage {
  /** The address after redirects. */
  address: string;
  text: string;
}

const mostBytes = 2_000_000;
const mostRedirects = 4;

class PrivateAddressError extends Error {}

type LookedUp = (error: Error | null, addresses: LookupAddress[] | string, family?: number) => void;

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
 * Fetches pages of a client's site for the studio: only from the site's own origins, and never from the network that
 * this server stands in, except from hosts that the operator has named.
 */
@Injectable()
export class PageFetcher implements OnApplicationShutdown {
  readonly #public = new Agent({ connect: { lookup: lookUpPublic as never } });
  readonly #private = new Agent();

  constructor(@Inject(CONFIG) private readonly config: Config) {}

  async onApplicationShutdown(): Promise<void> {
    await Promise.all([this.#public.destroy(), this.#private.destroy()]);
  }

  async fetch(site: SiteEntity, address: string): Promise<FetchedPage> {
    let at = checked(site, address);
    for (let hop = 0; hop <= mostRedirects; hop++) {
      const { status, location, text } = await this.#get(at);
      if (location !== null && URL.canParse(location, at.href)) {
        at = checked(site, new URL(location, at).href);
        continue;
      }
      if (text === null)
        throw new PageNotHadException(`${at.href} answered ${status}. Check that the page is there.`);
      return { address: at.href, text };
    }
    throw new PageNotHadException(`${at.href} redirects too often: more than ${mostRedirects} redirects.`);
  }

  async #get(url: URL): Promise<{ status: number; location: string | null; text: string | null }> {
    const isPrivate = this.config.privateHosts.includes(url.host);
    const literal = literalAddress(url.hostname);
    if (!isPrivate && literal && !isPublicAddress(literal)) throw privateAddress(url);
    const patience = this.config.pagePatienceMs;
    try {
      const response = await fetch(url, {
        dispatcher: isPrivate ? this.#private : this.#public,
        redirect: 'manual',
        signal: AbortSignal.timeout(patience),
        headers: { accept: 'text/html,text/css' },
      });
      const { status, ok } = response;
      const location = status >= 300 && status < 400 ? response.headers.get('location') : null;
      if (ok) return { status, location: null, text: await readText(response, url) };
      await response.body?.cancel();
      return { status, location, text: null };
    } catch (error) {
      throw refusalOf(error, url, patience);
    }
  }
}

/** The client's site, not this request, is at fault; said as a refusal, since nothing here is broken. */
class PageNotHadException extends BadRequestException {}

function checked(site: SiteEntity, address: string): URL {
  if (!URL.canParse(address))
    throw new BadRequestException('address must be a full one, starting with https:');
  const url = new URL(address);
  if (!site.origins.includes(url.origin))
    throw new BadRequestException(
      `${url.origin} is not on the site: its origins are ${site.origins.join(', ') || 'not set'}`,
    );
  return url;
}

const privateAddress = (url: URL) =>
  new BadRequestException(
    `${url.hostname} is a private address. The operator can allow it with SIRENE_PRIVATE_HOSTS.`,
  );

// A site that is slow, breaks off or sends something else than it says is the site's fault, never ours.
function refusalOf(error: unknown, url: URL, patience: number): BadRequestException {
  if (error instanceof BadRequestException) return error;
  const { name, cause } = error as { name?: string; cause?: unknown };
  if (cause instanceof PrivateAddressError) return privateAddress(url);
  if ((cause as { code?: string } | undefined)?.code === 'ENOTFOUND')
    return new PageNotHadException(`${url.hostname} can’t be found.`);
  return name === 'TimeoutError' || name === 'AbortError'
    ? new PageNotHadException(`${url.origin} did not answer within ${patience / 1000} s.`)
    : new PageNotHadException(`${url.origin} did not send the whole page. Try again later.`);
}

async function readText(response: Response, at: URL): Promise<string> {
  const type = response.headers.get('content-type') ?? '';
  if (!/text\/(html|css)|application\/xhtml/.test(type))
    throw new BadRequestException(`${at.href} is no page: it is ${type.slice(0, 60) || 'of no type'}.`);
  const chunks: Uint8Array[] = [];
  let size = 0;
  for await (const chunk of (response.body ?? []) as AsyncIterable<Uint8Array>) {
    size += chunk.length;
    if (size > mostBytes) throw new BadRequestException(`${at.href} is larger than ${mostBytes / 1e6} MB.`);
    chunks.push(chunk);
  }
  return Buffer.concat(chunks).toString('utf8');
}
