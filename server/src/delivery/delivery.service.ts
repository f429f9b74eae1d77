import type { IncomingHttpHeaders } from 'node:http';
import { modeOf } from '@sirene/core/placement';
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
import { DataSource } from 'typeorm';
import { CLOCK, type ServerClock } from '../config.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { SitesService } from '../sites/sites.service.js';
import { BodyEntity } from '../widgets/widgets.entity.js';
import { WidgetsService } from '../widgets/widgets.service.js';

interface Sighting {
  at: number;
  page: string;
}

export interface BuiltManifest {
  text: string;
  etag: string;
}

/** How long sightings of the script are gathered before they are written, ms. */
const gatherMs = 2000;

@Injectable()
export class DeliveryService implements OnApplicationShutdown {
  readonly #logger = new Logger('Delivery');
  #manifests = new Map<string, BuiltManifest>();
  #sightings = new Map<string, Sighting>();
  #timer: NodeJS.Timeout | undefined;

  constructor(
    private readonly dataSource: DataSource,
    private readonly sites: SitesService,
    private readonly widgets: WidgetsService,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {
    widgets.onPublished((siteId) => this.#manifests.delete(siteId));
  }

  /** What a page of the site needs first: each published widget's rules and where its body is. Built once a publishing. */
  async manifest(site: SiteEntity): Promise<BuiltManifest> {
    const ready = this.#manifests.get(site.id);
    if (ready) return ready;
    const published = await this.widgets.published(site.id);
    const widgets = published.map(({ widget, version }): WidgetRules & { body: string } => ({
      id: widget.id,
      slug: widget.slug,
      mode: modeOf(version.document.placement),
      body: `/b/${version.bodyHash}.json`,
      ...version.document.behaviour,
    }));
    const text = JSON.stringify({ widgets });
    const etag = `"${createHash('sha256').update(text).digest('hex').slice(0, 24)}"`;
    const manifest = { text, etag };
    this.#manifests.set(site.id, manifest);
    return manifest;
  }

  async body(hash: string): Promise<string> {
    const body = await this.dataSource.getRepository(BodyEntity).findOneBy({ hash });
    if (!body) throw new NotFoundException('There is no such body.');
    return body.content;
  }

  /** Remembers that a page loaded the script; written with the next group, so that page views cost no write each. */
  seen(site: SiteEntity, page: string): void {
    this.#sightings.set(site.id, { at: this.clock.now(), page: page.slice(0, 2048) });
    this.#timer ??= setTimeout(() => void this.#writeSightings(), gatherMs).unref();
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
