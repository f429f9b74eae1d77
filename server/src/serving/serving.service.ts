import type { IncomingHttpHeaders } from 'node:http';
import { createHash } from 'node:crypto';
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import {
  ForbiddenException,
  Inject,
  Injectable,
  Logger,
  NotFoundException,
  type OnApplicationShutdown,
} from '@nestjs/common';
import { openPolicy, watchedBy, type WidgetRules } from '@sirene/core/behaviour';
import { partsNeeded, rulesOf, type CompiledWidget } from '@sirene/core/compile';
import type { PartName } from '@sirene/core/document/parts';
import { LRUCache } from 'lru-cache';
import { DataSource } from 'typeorm';
import { CLOCK, CONFIG, type Config, type ServerClock } from '../config.js';
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
  parts: PartName[];
}

const integrityOf = (content: string): string =>
  `sha256-${createHash('sha256').update(content).digest('base64')}`;

interface Sighting {
  at: number;
  page: string;
  /** The paths that were seen since the last writing. */
  paths: Set<string>;
}

/** Of how many pages is noted that they were seen before that is written. */
const mostGathered = 100;

/** What of a site is served, kept until it publishes anew. */
interface BuiltSite {
  manifest: Encoded;
  widgets: readonly ManifestWidget[];
  /** The script with the manifest inside. */
  script: Encoded;
  /** The widgets that are pages of their own, by their address name. */
  pages: Map<string, { name: string; bodyHash: string; drawn?: Promise<Encoded> }>;
}

/** Most that bodies may take in memory, characters; their compressed forms are a fraction of it more. */
const mostKept = 64_000_000;

/** What pages of an archived site get. */
const nothingThere = { widgets: [], signals: [], policy: openPolicy };
const nothing = encode(JSON.stringify(nothingThere));

const toldOf = ({ key, name, origins }: SiteEntity) => ({ key, origins, site: name });

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
  /** What the script offers pages, for TypeScript. */
  readonly types: string;
  readonly #script: string;
  #plain: Promise<Encoded> | undefined;
  #sightings = new Map<string, Sighting>();
  #timer: NodeJS.Timeout | undefined;

  constructor(
    private readonly dataSource: DataSource,
    private readonly sites: SitesService,
    private readonly widgets: WidgetsService,
    @Inject(CONFIG) config: Config,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {
    const outdate = (siteId: string) => void this.#sites.delete(siteId);
    widgets.onPublished(outdate);
    sites.onChanged(outdate);
    const built = (file: string) => {
      const path = config.embed && join(config.embed, file);
      return path && existsSync(path) ? readFileSync(path, 'utf8') : null;
    };
    this.#script = built('embed.js') ?? '()=>{}';
    this.types = built('embed.d.ts') ?? '';
  }

  /** The script for any site, which asks for the manifest of the one that its tag names. */
  plainScript(): Promise<Encoded> {
    return (this.#plain ??= encode(this.#with(null)));
  }

  /** The script of one site, which needs to ask for nothing before it decides. */
  async script(site: SiteEntity): Promise<Encoded> {
    return site.archivedAt === null
      ? (await this.#built(site)).script
      : encode(this.#with({ ...toldOf(site), manifest: nothingThere }));
  }

  /**
   * The script of a page on which one widget stands alone, opened at once; `null` where the site has published none of that id.
   *
   * @param isFresh whether the window's name counts for nothing: who opened it is not known
   */
  async aloneScript(site: SiteEntity, id: string, isFresh: boolean): Promise<Encoded | null> {
    const { widgets } = await this.#built(site);
    const alone = site.archivedAt === null ? widgets.filter((one) => one.id === id) : [];
    const [widget] = alone;
    if (!widget) return null;
    const manifest = { widgets: alone, signals: watchedBy(alone), policy: openPolicy };
    const hash = JSON.stringify(`#${encodeURIComponent(widget.slug)}`);
    const first = `${isFresh ? "window.name='';" : ''}location.hash=${hash};`;
    return encode(first + this.#with({ ...toldOf(site), manifest }));
  }

  // What is built is a function of what is known of a site. JSON is an expression of it (ECMA-262, 25.5).
  #with(given: unknown): string {
    return `(${this.#script})(${JSON.stringify(given)});`;
  }

  /** What a page of the site needs first: each published widget's rules and where its body is. Built once a publishing. */
  async manifest(site: SiteEntity): Promise<Encoded> {
    return site.archivedAt === null ? (await this.#built(site)).manifest : nothing;
  }

  /** The rules of a site's widgets as their drafts have them. */
  async draftRules(site: SiteEntity) {
    const widgets = await this.widgets.of(site);
    return widgets.map(({ id, slug, draft, publishedNumber }) => ({
      ...rulesOf({ id, slug, document: draft }, this.clock.now()),
      name: draft.name,
      published: publishedNumber !== null,
      standalone: draft.placement.type === 'page',
      hasForm: Object.values(draft.elements).some(({ type }) => type === 'form'),
    }));
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
      const { text } = await this.body(bodyHash);
      widgets.push({
        ...rulesOf({ id: widget.id, slug: widget.slug, document }, this.clock.now()),
        body: `/b/${bodyHash}.json`,
        integrity: integrityOf(text),
        parts: partsNeeded(JSON.parse(text) as CompiledWidget),
      });
      if (document.placement.type === 'page') pages.set(widget.slug, { name: document.name, bodyHash });
    }
    const manifest = { widgets, signals: watchedBy(widgets), policy: site.policy };
    return {
      widgets,
      manifest: await encode(JSON.stringify(manifest)),
      script: await encode(this.#with({ ...toldOf(site), manifest })),
      pages,
    };
  }

  /** Remembers that a page loaded the script; written with the next group, so that page views cost no write each. */
  seen(site: SiteEntity, page: string): void {
    const paths = this.#sightings.get(site.id)?.paths ?? new Set();
    const path = pathOn(site, page);
    if (path !== null && paths.size < mostGathered) paths.add(path);
    this.#sightings.set(site.id, { at: this.clock.now(), page: page.slice(0, 2048), paths });
    this.#timer ??= setTimeout(() => {
      this.#writeSightings().catch((error: unknown) => this.#logger.error(error));
    }, gatherMs).unref();
  }

  /** When and where the script was last seen, what has not been written yet included. */
  lastSeen(site: SiteEntity): Pick<Sighting, 'at' | 'page'> | null {
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
    for (const [siteId, { at, page, paths }] of sightings) {
      await this.sites
        .seen(siteId, at, page, [...paths])
        .catch((error: unknown) => this.#logger.error(error));
    }
  }
}

/** The path of a page of the site's own; `null` where it is none, or only its origin is known. */
function pathOn({ origins }: SiteEntity, page: string): string | null {
  if (!URL.canParse(page)) return null;
  const { origin, pathname } = new URL(page);
  return origins.includes(origin) && pathname.length <= 300 ? pathname : null;
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
