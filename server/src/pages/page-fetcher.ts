import { BadRequestException, Inject, Injectable } from '@nestjs/common';
import { CONFIG, type Config } from '../config.js';
import { FetchError, GuardedFetch } from '../net/guarded-fetch.js';
import type { SiteEntity } from '../sites/sites.entity.js';

/** What a page's address led to. */
export interface FetchedPage {
  /** The address after redirects. */
  address: string;
  text: string;
}

const mostBytes = 2_000_000;
const mostRedirects = 4;

/** Fetches pages and style sheets of a client's site for the studio: only from the site's own origins. */
@Injectable()
export class PageFetcher {
  constructor(
    private readonly net: GuardedFetch,
    @Inject(CONFIG) private readonly config: Config,
  ) {}

  /** Fetches a page, following what it redirects to. Refuses, in a sentence, what can't be had. */
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
    const patience = this.config.pagePatienceMs;
    try {
      const page = await this.net.fetch(url, { patience, headers: { accept: 'text/html,text/css' } });
      const { status, ok, location } = page;
      if (ok && isPage(page.type)) return { status, location: null, text: await page.text(mostBytes) };
      await page.drop();
      if (ok)
        throw new BadRequestException(
          `${url.href} is no page: it is ${page.type.slice(0, 60) || 'of no type'}.`,
        );
      return { status, location, text: null };
    } catch (error) {
      throw error instanceof FetchError ? refusalOf(error, patience) : error;
    }
  }
}

const isPage = (type: string): boolean => /text\/(html|css)|application\/xhtml/.test(type);

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

// A site that is slow, breaks off or sends something else than it says is the site's fault, never ours.
function refusalOf({ reason, url }: FetchError, patience: number): BadRequestException {
  switch (reason) {
    case 'private':
      return new BadRequestException(
        `${url.hostname} is a private address. The operator can allow it with SIRENE_PRIVATE_HOSTS.`,
      );
    case 'too large':
      return new BadRequestException(`${url.href} is larger than ${mostBytes / 1e6} MB.`);
    case 'unknown host':
      return new PageNotHadException(`${url.hostname} can’t be found.`);
    case 'slow':
      return new PageNotHadException(`${url.origin} did not answer within ${patience / 1000} s.`);
    case 'broken':
      return new PageNotHadException(`${url.origin} did not send the whole page. Try again later.`);
  }
}
