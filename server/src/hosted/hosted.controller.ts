import { valueAt } from '@sirene/core/base/maps';
import { readFile } from 'node:fs/promises';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { Controller, Get, Header, Inject, NotFoundException, Param, Req, Res } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { shippedFonts } from '@sirene/core/style';
import type { FastifyReply, FastifyRequest } from 'fastify';
import { Public } from '../accounts/permission.js';
import { CurrentSite, CurrentWidget, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import type { WidgetEntity } from '../widgets/widgets.entity.js';
import { CONFIG, type Config } from '../config.js';
import { ServingService } from '../serving/serving.service.js';
import { sendEncoded } from '../shared/encoded.js';
import { SitesService } from '../sites/sites.service.js';
import { WidgetsService } from '../widgets/widgets.service.js';
import { hostedPage, standalonePage } from './hosted-page.js';
import { AnswersFile } from '../shared/answers.js';

const locate = createRequire(import.meta.url);

const pagePolicy =
  "default-src 'none'; script-src 'self'; connect-src 'self'; style-src 'unsafe-inline'; img-src 'self' https: data:; media-src 'self' https:; font-src 'self'; base-uri 'none'; frame-ancestors 'none'; form-action 'none'";

/** Pages served from here: widgets that are pages of their own, widgets as one file, and the typefaces that ship. */
@ApiTags('hosted')
@Controller()
export class HostedController {
  constructor(
    private readonly sites: SitesService,
    private readonly widgets: WidgetsService,
    private readonly serving: ServingService,
    @Inject(CONFIG) private readonly config: Config,
  ) {}

  @AnswersFile('A widget that is a page of its own.', 'text/html')
  @Public()
  @Get('p/:key/:slug')
  @Header('content-type', 'text/html; charset=utf-8')
  @Header('content-security-policy', pagePolicy)
  @Header('cache-control', 'no-cache')
  async page(
    @Param('key') key: string,
    @Param('slug') slug: string,
    @Req() request: FastifyRequest,
    @Res() reply: FastifyReply,
  ) {
    const site = await this.sites.byKey(key);
    const page = await this.serving.page(site, slug, (name, body) => hostedPage(name, slug, site.key, body));
    if (!page) throw new NotFoundException('There is no such page. It may not be published yet.');
    return sendEncoded(request, reply, page);
  }

  @AnswersFile('The draft of a widget as one self-contained HTML file.', 'text/html')
  @SiteAccess('member')
  @Get('api/widgets/:widget/export.html')
  @Header('content-type', 'text/html; charset=utf-8')
  async file(
    @CurrentWidget() widget: WidgetEntity,
    @CurrentSite() site: SiteEntity,
    @Res({ passthrough: true }) reply: FastifyReply,
  ) {
    void reply.header('content-disposition', `attachment; filename="${widget.slug}.html"`);
    const body = await this.widgets.compiledDraft(widget, site);
    return this.#inlined(standalonePage(widget.draft.name, body, ''));
  }

  // Every upload and typeface of the file is put into it as a data address.
  async #inlined(html: string): Promise<string> {
    const addresses = new Set(html.match(/\/(?:a\/[a-z0-9]{16,40}|fonts)\/[a-z0-9.-]+/g));
    let text = html;
    for (const address of addresses) {
      const content = await this.#read(address).catch(() => null);
      if (content)
        text = text.replaceAll(address, `data:${typeOf(address)};base64,${content.toString('base64')}`);
    }
    return text;
  }

  async #read(address: string): Promise<Buffer> {
    if (address.startsWith('/fonts/')) return readFile(fontFile(address.slice('/fonts/'.length)));
    return readFile(join(this.config.data, 'assets', address.slice('/a/'.length)));
  }

  @AnswersFile('A typeface that ships.', 'font/woff2')
  @Public()
  @Get('fonts/:file')
  @Header('content-type', 'font/woff2')
  @Header('cache-control', 'public, max-age=31536000, immutable')
  async font(@Param('file') file: string) {
    return readFile(fontFile(file));
  }
}

/** Where a typeface that ships with Sirene lies. */
function fontFile(file: string): string {
  const known = shippedFonts.some(({ src }) => src === `fonts:${file}`);
  if (!known) throw new NotFoundException('There is no such font.');
  const name = file.replace(/\.woff2$/, '');
  return locate.resolve(`@fontsource-variable/${name}/files/${name}-latin-wght-normal.woff2`);
}

function typeOf(address: string): string {
  const types: Record<string, string> = {
    webp: 'image/webp',
    svg: 'image/svg+xml',
    mp4: 'video/mp4',
    webm: 'video/webm',
    woff2: 'font/woff2',
  };
  return valueAt(types, address.split('.').at(-1) ?? '') ?? 'application/octet-stream';
}
