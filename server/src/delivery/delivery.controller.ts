import { Controller, Get, Header, Param, Req, Res } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { widgetSchema } from '@sirene/core/document/widget';
import type { FastifyReply, FastifyRequest } from 'fastify';
import { Public } from '../accounts/permission.js';
import { CurrentSite, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { sendEncoded } from '../shared/encoded.js';
import { SitesService } from '../sites/sites.service.js';
import { DeliveryService, refuseForeignPage } from './delivery.service.js';

@ApiTags('delivery')
@Controller()
export class DeliveryController {
  constructor(
    private readonly delivery: DeliveryService,
    private readonly sites: SitesService,
  ) {}

  /** The manifest: small, and asked for anew at every page view. */
  @Public()
  @Get('m/:key.json')
  @Header('content-type', 'application/json; charset=utf-8')
  @Header('cache-control', 'no-cache')
  @Header('vary', 'Origin')
  async manifest(@Param('key') key: string, @Req() request: FastifyRequest, @Res() reply: FastifyReply) {
    const site = await this.sites.byKey(key);
    refuseForeignPage(site, request.headers);
    this.delivery.seen(site, request.headers.referer ?? request.headers.origin ?? '');
    return sendEncoded(request, reply, await this.delivery.manifest(site));
  }

  /** A compiled body. Its address carries its content's hash, so it never changes. */
  @Public()
  @Get('b/:hash.json')
  @Header('content-type', 'application/json; charset=utf-8')
  @Header('cache-control', 'public, max-age=31536000, immutable')
  async body(@Param('hash') hash: string, @Req() request: FastifyRequest, @Res() reply: FastifyReply) {
    return sendEncoded(request, reply, await this.delivery.body(hash));
  }

  /** The JSON Schema of a widget document. */
  @Public()
  @Get('schema/widget.json')
  @Header('content-type', 'application/schema+json; charset=utf-8')
  schema() {
    return widgetSchema();
  }

  /** What a page of the site would be given: for those who rehearse what visitors see. */
  @SiteAccess('member')
  @Get('api/sites/:site/manifest')
  @Header('content-type', 'application/json; charset=utf-8')
  async rehearsed(@CurrentSite() site: SiteEntity) {
    return (await this.delivery.manifest(site)).text;
  }

  /** Whether the script runs on the site's pages, and when it was last seen. */
  @SiteAccess('member')
  @Get('api/sites/:site/install')
  async install(@CurrentSite() site: SiteEntity) {
    const seen = this.delivery.lastSeen(site);
    return { connected: seen !== null, at: seen?.at ?? null, page: seen?.page ?? null };
  }
}
