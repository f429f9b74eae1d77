import { lookup } from 'node:dns/promises';
import { BlockList, isIP } from 'node:net';
import { BadRequestException, Inject, Injectable } from '@nestjs/common';
import { CONFIG, type Config } from '../config.js';
import type { SiteEntity } from '../sites/sites.entity.js';

/** What a page's address led to. */
export interface FetchedPage {
  /** The address after redirects. */
  address: string;
  text: string;
}

const mostBytes = 2_000_000;
const mostRedirects = 4;
const patienceMs = 8000;

// Addresses that are no public place (IANA special-purpose address registries).
const special = new BlockList();
for (const [net, prefix] of [
  ['0.0.0.0', 8],
  ['10.0.0.0', 8],
  ['100.64.0.0', 10],
  ['127.0.0.0', 8],
  ['169.254.0.0', 16],
  ['172.16.0.0', 12],
  ['192.0.0.0', 24],
  ['192.0.2.0', 24],
  ['192.168.0.0', 16],
  ['198.18.0.0', 15],
  ['198.51.100.0', 24],
  ['203.0.113.0', 24],
  ['224.0.0.0', 3],
] as const)
  special.addSubnet(net, prefix, 'ipv4');
for (const [net, prefix] of [
  ['::', 127],
  ['64:ff9b::', 96],
  ['100::', 64],
  ['2001:db8::', 32],
  ['fc00::', 7],
  ['fe80::', 10],
  ['ff00::', 8],
] as const)
  special.addSubnet(net, prefix, 'ipv6');

/** Whether an address of the network is no public one. */
export function isSpecialAddress(address: string): boolean {
  const mapped = /^::ffff:(\d+\.\d+\.\d+\.\d+)$/i.exec(address)?.[1];
  if (mapped) return special.check(mapped, 'ipv4');
  return special.check(address, isIP(address) === 6 ? 'ipv6' : 'ipv4');
}

/**
 * Fetches pages of a client's site for the studio: only from the site's own origins, and never from the network that
 * this server stands in, except from hosts that the operator has named.
 */
@Injectable()
export class PageFetcher {
  constructor(@Inject(CONFIG) private readonly config: Config) {}

  async fetch(site: SiteEntity, address: string): Promise<FetchedPage> {
    let at = await this.#checked(site, address);
    for (let hop = 0; hop <= mostRedirects; hop++) {
      const response = await this.#get(at);
      const next = response.headers.get('location');
      if (response.status >= 300 && response.status < 400 && next && URL.canParse(next, at.href)) {
        at = await this.#checked(site, new URL(next, at).href);
        continue;
      }
      if (!response.ok)
        throw new PageNotHadException(`${at} answered ${response.status}. Check that the page is there.`);
      return { address: at.href, text: await readText(response, at) };
    }
    throw new PageNotHadException(`${address} leads on and on: more than ${mostRedirects} redirects.`);
  }

  async #checked(site: SiteEntity, address: string): Promise<URL> {
    if (!URL.canParse(address))
      throw new BadRequestException('address must be a full one, starting with https:');
    const url = new URL(address);
    if (!site.origins.includes(url.origin))
      throw new BadRequestException(
        `${url.origin} is not on the site: its origins are ${site.origins.join(', ') || 'not set'}`,
      );
    if (this.config.privateHosts.includes(url.host)) return url;
    const found = await lookup(url.hostname.replace(/^\[|\]$/g, ''), { all: true }).catch(() => []);
    if (found.length === 0) throw new PageNotHadException(`${url.hostname} can’t be found.`);
    if (found.some((one) => isSpecialAddress(one.address)))
      throw new BadRequestException(
        `${url.hostname} is a private address. The operator can allow it with SIRENE_PRIVATE_HOSTS.`,
      );
    return url;
  }

  async #get(url: URL): Promise<Response> {
    try {
      return await fetch(url, {
        redirect: 'manual',
        signal: AbortSignal.timeout(patienceMs),
        headers: { accept: 'text/html,text/css' },
      });
    } catch {
      throw new PageNotHadException(`${url.origin} did not answer within ${patienceMs / 1000} seconds.`);
    }
  }
}

/** The client's site, not this request, is at fault; said as a refusal, since nothing here is broken. */
class PageNotHadException extends BadRequestException {}

async function readText(response: Response, at: URL): Promise<string> {
  const type = response.headers.get('content-type') ?? '';
  if (!/text\/(html|css)|application\/xhtml/.test(type))
    throw new BadRequestException(`${at.href} is no page: it is ${type.slice(0, 60) || 'of no type'}.`);
  const chunks: Uint8Array[] = [];
  let size = 0;
  for await (const chunk of response.body ?? []) {
    size += (chunk as Uint8Array).length;
    if (size > mostBytes) throw new BadRequestException(`${at.href} is larger than ${mostBytes / 1e6} MB.`);
    chunks.push(chunk as Uint8Array);
  }
  return Buffer.concat(chunks).toString('utf8');
}
