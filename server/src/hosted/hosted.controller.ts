import { Controller, Get, Header, Headers, Param, Req, Res } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import type { FastifyReply, FastifyRequest } from 'fastify';
import { Public } from '../accounts/permission.js';
import { AnswersFile } from '../shared/answers.js';
import { sendEncoded } from '../shared/encoded.js';
import { CurrentSite, CurrentWidget, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { SitesService } from '../sites/sites.service.js';
import type { WidgetEntity } from '../widgets/widgets.entity.js';
import { HostedService } from './hosted.service.js';

const pagePolicy =
  "default-src 'none'; script-src 'self'; connect-src 'self'; style-src 'unsafe-inline'; img-src 'self' https: data:; media-src 'self' https:; font-src 'self'; base-uri 'none'; frame-ancestors 'none'; form-action 'none'";

/** Pages served from here: widgets that are pages of their own, widgets as one file, and the typefaces that ship. */
@ApiTags('hosted')
@Controller()
export class HostedController {
  constructor(
    private readonly hosted: HostedService,
    private readonly sites: SitesService,
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
    return sendEncoded(request, reply, await this.hosted.page(await this.sites.byKey(key), slug));
  }

  @AnswersFile('A page on which one widget stands alone: a chat in a window of its own.', 'text/html')
  @Public()
  @Get('p/:key/window/:id')
  @Header('content-type', 'text/html; charset=utf-8')
  @Header('content-security-policy', pagePolicy)
  @Header('cache-control', 'no-store')
  async window(
    @Param('key') key: string,
    @Param('id') widget: string,
    @Headers('referer') from: string | undefined,
  ) {
    return this.hosted.window(await this.sites.byKey(key), widget, from ?? '');
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
    return this.hosted.file(widget, site);
  }

  @AnswersFile('A typeface that ships.', 'font/woff2')
  @Public()
  @Get('fonts/:file')
  @Header('content-type', 'font/woff2')
  @Header('cache-control', 'public, max-age=31536000, immutable')
  async font(@Param('file') file: string) {
    return this.hosted.font(file);
  }
}
