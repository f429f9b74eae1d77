import { readFile } from 'node:fs/promises';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { Inject, Injectable, NotFoundException } from '@nestjs/common';
import { valueAt } from '@sirene/core/base/maps';
import { shippedFonts } from '@sirene/core/style';
import { CONFIG, type Config } from '../config.js';
import { ServingService } from '../serving/serving.service.js';
import type { Encoded } from '../shared/encoded.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import type { WidgetEntity } from '../widgets/widgets.entity.js';
import { WidgetsService } from '../widgets/widgets.service.js';
import { hostedPage, standalonePage, windowPage } from './hosted-page.js';

const locate = createRequire(import.meta.url);

@Injectable()
export class HostedService {
  constructor(
    private readonly widgets: WidgetsService,
    private readonly serving: ServingService,
    @Inject(CONFIG) private readonly config: Config,
  ) {}

  /** A published widget that is a page of its own. */
  async page(site: SiteEntity, slug: string): Promise<Encoded> {
    const page = await this.serving.page(site, slug, (name, body) => hostedPage(name, slug, site.key, body));
    if (!page) throw new NotFoundException('There is no such page. It may not be published yet.');
    return page;
  }

  /**
   * A page on which one widget of a site stands alone, in a window that one of the site's pages has opened.
   *
   * @param from the page that opened it: of any other, the window's name is not believed
   */
  async window(site: SiteEntity, widget: string, from: string): Promise<string> {
    const origin = URL.canParse(from) ? new URL(from).origin : '';
    const isFresh = !site.origins.includes(origin);
    if (!(await this.serving.aloneScript(site, widget, isFresh)))
      throw new NotFoundException('There is no such widget. It may not be published yet.');
    return windowPage(
      site.name,
      `/s/${site.key}/${encodeURIComponent(widget)}.js${isFresh ? '?fresh=true' : ''}`,
    );
  }

  /** The draft of a widget as one HTML file: every upload and typeface of it is put into it as a data address. */
  async file(widget: WidgetEntity, site: SiteEntity): Promise<string> {
    const body = await this.widgets.compiledDraft(widget, site);
    const html = standalonePage(widget.draft.name, body, '');
    const addresses = new Set(html.match(/\/(?:a\/[a-z0-9]{16,40}|fonts)\/[a-z0-9.-]+/g));
    let text = html;
    for (const address of addresses) {
      const content = await this.#read(address).catch(() => null);
      if (content)
        text = text.replaceAll(address, `data:${typeOf(address)};base64,${content.toString('base64')}`);
    }
    return text;
  }

  /** The content of a typeface that ships with Sirene. */
  async font(file: string): Promise<Buffer> {
    const known = shippedFonts.some(({ src }) => src === `fonts:${file}`);
    if (!known) throw new NotFoundException('There is no such font.');
    const name = file.replace(/\.woff2$/, '');
    return readFile(locate.resolve(`@fontsource-variable/${name}/files/${name}-latin-wght-normal.woff2`));
  }

  async #read(address: string): Promise<Buffer> {
    if (address.startsWith('/fonts/')) return this.font(address.slice('/fonts/'.length));
    return readFile(join(this.config.data, 'assets', address.slice('/a/'.length)));
  }
}

const types: Record<string, string> = {
  webp: 'image/webp',
  svg: 'image/svg+xml',
  mp4: 'video/mp4',
  webm: 'video/webm',
  woff2: 'font/woff2',
};

const typeOf = (address: string): string =>
  valueAt(types, address.split('.').at(-1) ?? '') ?? 'application/octet-stream';
