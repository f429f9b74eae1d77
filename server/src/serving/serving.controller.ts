import { Controller, Get, Header, NotFoundException, Param, Query, Req, Res } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { widgetSchema } from '@sirene/core/document/widget';
import type { FastifyReply, FastifyRequest } from 'fastify';
import { Public } from '../accounts/permission.js';
import { CurrentSite, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { sendEncoded } from '../shared/encoded.js';
import { SitesService } from '../sites/sites.service.js';
import { AloneScriptDto } from './dto/alone-script.dto.js';
import { ServingService, refuseForeignPage } from './serving.service.js';
import { Type } from '@sinclair/typebox';
import { Answers, AnswersFile } from '../shared/answers.js';
import { compiledAnswer } from '../shared/core-answers.js';
import { install, manifest, plannedWidget } from './serving.answers.js';

@ApiTags('serving')
@Controller()
export class ServingController {
  constructor(
    private readonly serving: ServingService,
    private readonly sites: SitesService,
  ) {}

  @AnswersFile('The types of what the script offers pages (TypeScript).', 'application/typescript')
  @Public()
  @Get('embed.d.ts')
  @Header('content-type', 'application/typescript; charset=utf-8')
  types() {
    return this.serving.types;
  }

  @AnswersFile('The script for any site: its tag names the site.', 'text/javascript')
  @Public()
  @Get('embed.js')
  @Header('content-type', 'text/javascript; charset=utf-8')
  @Header('cache-control', 'no-cache')
  async plainScript(@Req() request: FastifyRequest, @Res() reply: FastifyReply) {
    return sendEncoded(request, reply, await this.serving.plainScript());
  }

  @AnswersFile(
    'The script of one site, with its manifest inside: all that a page asks for first.',
    'text/javascript',
  )
  @Public()
  @Get('s/:key.js')
  @Header('content-type', 'text/javascript; charset=utf-8')
  @Header('cache-control', 'no-cache')
  async script(@Param('key') key: string, @Req() request: FastifyRequest, @Res() reply: FastifyReply) {
    const site = await this.sites.byKey(key);
    this.serving.seen(site, request.headers.referer ?? '');
    return sendEncoded(request, reply, await this.serving.script(site));
  }

  @AnswersFile('The script of a page on which one widget stands alone, opened at once.', 'text/javascript')
  @Public()
  @Get('s/:key/:id.js')
  @Header('content-type', 'text/javascript; charset=utf-8')
  @Header('cache-control', 'no-cache')
  async aloneScript(
    @Param('key') key: string,
    @Param('id') widget: string,
    @Query() { fresh }: AloneScriptDto,
    @Req() request: FastifyRequest,
    @Res() reply: FastifyReply,
  ) {
    const script = await this.serving.aloneScript(await this.sites.byKey(key), widget, fresh === 'true');
    if (!script) throw new NotFoundException('There is no such widget. It may not be published yet.');
    return sendEncoded(request, reply, script);
  }

  @AnswersFile('The manifest: small, and asked for anew at every page view.', 'application/json', manifest)
  @Public()
  @Get('m/:key.json')
  @Header('content-type', 'application/json; charset=utf-8')
  @Header('cache-control', 'no-cache')
  @Header('vary', 'Origin')
  async manifest(@Param('key') key: string, @Req() request: FastifyRequest, @Res() reply: FastifyReply) {
    const site = await this.sites.byKey(key);
    refuseForeignPage(site, request.headers);
    this.serving.seen(site, request.headers.referer ?? request.headers.origin ?? '');
    return sendEncoded(request, reply, await this.serving.manifest(site));
  }

  @AnswersFile(
    'A compiled widget. Its address carries its content’s hash, so it never changes.',
    'application/json',
    compiledAnswer,
  )
  @Public()
  @Get('b/:hash.json')
  @Header('content-type', 'application/json; charset=utf-8')
  @Header('cache-control', 'public, max-age=31536000, immutable')
  async body(@Param('hash') hash: string, @Req() request: FastifyRequest, @Res() reply: FastifyReply) {
    return sendEncoded(request, reply, await this.serving.body(hash));
  }

  @AnswersFile('The JSON Schema of a widget document.', 'application/schema+json', Type.Object({}))
  @Public()
  @Get('schema/widget.json')
  @Header('content-type', 'application/schema+json; charset=utf-8')
  schema() {
    return widgetSchema();
  }

  @AnswersFile(
    'What a page of the site would be given: for those who rehearse what visitors see.',
    'application/json',
    manifest,
  )
  @SiteAccess('member')
  @Get('api/sites/:site/manifest')
  @Header('content-type', 'application/json; charset=utf-8')
  async rehearsed(@CurrentSite() site: SiteEntity) {
    return (await this.serving.manifest(site)).text;
  }

  @Answers(
    'The rules of all of the site’s widgets as their drafts have them: for its page plan.',
    Type.Array(plannedWidget),
  )
  @SiteAccess('member')
  @Get('api/sites/:site/rules')
  rules(@CurrentSite() site: SiteEntity) {
    return this.serving.draftRules(site);
  }

  @Answers('Whether the script runs on the site’s pages, and when it was last seen.', install)
  @SiteAccess('member')
  @Get('api/sites/:site/install')
  async install(@CurrentSite() site: SiteEntity) {
    const seen = this.serving.lastSeen(site);
    return { connected: seen !== null, at: seen?.at ?? null, page: seen?.page ?? null };
  }
}
