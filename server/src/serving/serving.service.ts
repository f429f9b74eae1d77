import type { IncomingHttpHeaders } from 'node:http';
import { modeOf } from '@sirene/core/document/placement';
import { createHash } from 'node:crypto';
import {
  ForbiddenException,
  Inject,
  Injectable,
  Logger,
  NotFoundException,
  type OnApplicationShutdown,
} from '@nestjs/common';
import type { WidgetRules } from '@sirene/core/behaviour';
import type { CompiledWidget } from '@sirene/core/compile';
import { LRUCache } from 'lru-cache';
import { DataSource } from 'typeorm';
import { CLOCK, type ServerClock } from '../config.js';
import { encode, type Encoded } from '../shared/encoded.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { SitesService } from '../sites/sites.service.js';
import { BodyEntity } from '../widgets/widgets.entity.js';
import { WidgetsService } from '../widgets/widgets.service.js';

/** One published widget as a page first hears of it. */
interface ManifestWidget extends WidgetRules {
  body: string;
  /** What the body's content must hash to (Subresource Integrity): a page shows what was published, or nothing. */
  integrity: string;
}

const integrityOf = (content: string): string =>
  `sha256-${createHash('sha256').update(content).digest('base64')}`;

interface Sighting {
  at: number;
  page: string;
}

/** What of a site is served, kept until it publishes anew. */
interface BuiltSite {
  manifest: Encoded;
  /** The widgets that are pages of their own, by their address name. */
  pages: Map<string, { name: string; bodyHash: string; drawn?: Promise<Encoded> }>;
}

/** Most that bodies may take in memory, characters; their compressed forms are a fraction of it more. */
const mostKept = 64_000_000;

/** What pages of an archived site get. */
const nothing = encode(JSON.stringify({ widgets: [] }));

/** How long sightings of the script are gathered before they are written, ms. */
const gatherMs = 2000;

@Injectable()
export class ServingService implements OnApplicationShutdown {
  readonly #logger = new Logger('Serving');
  #sites = new Map<string, Promise<BuiltSite>>();
  // Who asks for a body that is being read and compressed waits for that.
  readonly #bodies = new LRUCache<string, Encoded>({
    maxSize: mostKept,
    sizeCalculation: ({ text }) => text.length + 1,
    fetchMethod: (hash) => this.#read(hash),
  });
  #sightings = new Map<string, Sighting>();
  #timer: NodeJS.Timeout | undefined;

  constructor(
    private readonly dataSource: DataSource,
    private readonly sites: SitesService,
    private readonly widgets: WidgetsService,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {
    widgets.onPublished((siteId) => this.#sites.delete(siteId));
  }

  /** What a page of the site needs first: each published widget's rules and where its body is. Built once a publishing. */
  async manifest(site: SiteEntity): Promise<Encoded> {
    return site.archivedAt === null ? (await this.#built(site)).manifest : nothing;
  }

  /** A widget that is a page of its own, drawn once a publishing; `null` where there is none of that address name. */
  async page(
    site: SiteEntity,
    slug: string,
    draw: (name: string, body: CompiledWidget) => string,
  ): Promise<Encoded | null> {
    if (site.archivedAt !== null) return null;
    const page = (await this.#built(site)).pages.get(slug);
    if (!page) return null;
    page.drawn ??= this.body(page.bodyHash)
      .then(({ text }) => encode(draw(page.name, JSON.parse(text) as CompiledWidget)))
      .catch((error: unknown) => {
        // What failed is asked for anew by the next.
        delete page.drawn;
        throw error;
      });
    return page.drawn;
  }

  /** A compiled body as it is sent: compressed once, when the manifest that names it is built. */
  body(hash: string): Promise<Encoded> {
    return this.#bodies.forceFetch(hash);
  }

  async #read(hash: string): Promise<Encoded> {
    const body = await this.dataSource.getRepository(BodyEntity).findOneBy({ hash });
    if (!body) throw new NotFoundException('There is no such body.');
    return encode(body.content);
  }

  // The question is what is kept: an answer that was on its way while something was published is not kept beyond it.
  #built(site: SiteEntity): Promise<BuiltSite> {
    const known = this.#sites.get(site.id);
    if (known) return known;
    const built = this.#build(site);
    this.#sites.set(site.id, built);
    built.catch(() => this.#sites.delete(site.id));
    return built;
  }

  async #build(site: SiteEntity): Promise<BuiltSite> {
    const widgets: ManifestWidget[] = [];
    const pages: BuiltSite['pages'] = new Map();
    for (const { widget, version } of await this.widgets.published(site.id)) {
      const { document, bodyHash } = version;
      widgets.push({
        id: widget.id,
        slug: widget.slug,
        mode: modeOf(document.placement),
        body: `/b/${bodyHash}.json`,
        integrity: integrityOf((await this.body(bodyHash)).text),
        ...document.behaviour,
      });
      if (document.placement.type === 'page') pages.set(widget.slug, { name: document.name, bodyHash });
    }
    return { manifest: await encode(JSON.stringify({ widgets })), pages };
  }

  /** Remembers that a page loaded the script; written with the next group, so that page views cost no write each. */
  seen(site: SiteEntity, page: string): void {
    this.#sightings.set(site.id, { at: this.clock.now(), page: page.slice(0, 2048) });
    this.#timer ??= setTimeout(() => {
      this.#writeSightings().catch((error: unknown) => this.#logger.error(error));
    }, gatherMs).unref();
  }

  /** When and where the script was last seen, what has not been written yet included. */
  lastSeen(site: SiteEntity): Sighting | null {
    const fresh = this.#sightings.get(site.id);
    if (fresh) return fresh;
    return site.seenAt === null ? null : { at: site.seenAt, page: site.seenPage ?? '' };
  }

  async onApplicationShutdown(): Promise<void> {
    clearTimeout(this.#timer);
    await this.#writeSightings();
  }

  async #writeSightings(): Promise<void> {
    this.#timer = undefined;
    const sightings = [...this.#sightings];
    this.#sightings.clear();
    for (const [siteId, { at, page }] of sightings) {
      await this.sites.seen(siteId, at, page).catch((error: unknown) => this.#logger.error(error));
    }
  }
}

/** Refuses pages of origins that are not the site's. */
export function refuseForeignPage(site: SiteEntity, headers: IncomingHttpHeaders): void {
  const { origin } = headers;
  // Pages of their own are served from here; a browser that reads from its page's own origin need not name it.
  if (headers['sec-fetch-site'] === 'same-origin') return;
  if (origin !== undefined && site.origins.includes(origin)) return;
  const where = origin === undefined ? 'A request without an origin' : `The origin ${origin.slice(0, 260)}`;
  throw new ForbiddenException(
    `${where} is not among the allowed origins of ${site.name}. Add it in Sirene under Site, then load the page again.`,
  );
}
