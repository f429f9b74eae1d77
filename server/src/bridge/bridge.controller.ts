import type { IncomingHttpHeaders } from 'node:http';
import {
  Controller,
  Get,
  Headers,
  HttpCode,
  NotFoundException,
  Param,
  Post,
  Query,
  Req,
  Res,
} from '@nestjs/common';
import { RouteConfig } from '@nestjs/platform-fastify';
import { ApiTags } from '@nestjs/swagger';
import type { FastifyReply, FastifyRequest } from 'fastify';
import { Public } from '../accounts/permission.js';
import { ServiceError } from '../services/service-client.js';
import { AnswersFile, AnswersNothing } from '../shared/answers.js';
import { brandPage } from '../shared/brand-page.js';
import { GuardedPage } from '../shared/guarded-page.js';
import { pageWordsOf } from '../shared/site-language.js';
import { SitesService } from '../sites/sites.service.js';
import { limited } from '../visitor-surface.js';
import { signedIn } from '../webhooks/signed-request.js';
import { BridgeService } from './bridge.service.js';
import { MessengerLinkDto } from './dto/messenger-link.dto.js';

/** Where visitors go on to the site's messenger, and where it tells what they write there. */
@ApiTags('chat')
@Public()
@Controller('p/:key/messenger')
export class BridgeController {
  constructor(
    private readonly bridge: BridgeService,
    private readonly sites: SitesService,
  ) {}

  @AnswersFile('Leads to the page of the messenger on which a visitor writes.', 'text/html')
  @RouteConfig(limited('collect'))
  @Get('go')
  @GuardedPage()
  async go(
    @Param('key') key: string,
    @Query() { widget, page = '' }: MessengerLinkDto,
    @Res() reply: FastifyReply,
  ) {
    const site = await this.sites.byKey(key);
    try {
      return await reply.redirect(await this.bridge.linkTo(site, widget, page), 303);
    } catch (error) {
      if (!(error instanceof ServiceError) && !(error instanceof NotFoundException)) throw error;
      const words = pageWordsOf(site.brand);
      const said = { title: words.noMessenger, text: [words.noMessengerWhat] };
      return reply
        .status(error instanceof NotFoundException ? 404 : 503)
        .send(brandPage(this.sites.brandOf(site), site.name, said));
    }
  }

  @AnswersNothing('Takes what the messenger tells, signed by it (Standard Webhooks).')
  @RouteConfig(limited('read'))
  @Post()
  @HttpCode(204)
  async take(
    @Param('key') key: string,
    @Headers() headers: IncomingHttpHeaders,
    @Req() request: FastifyRequest,
  ) {
    const { message, signatures } = signedIn(headers, request);
    await this.bridge.take(await this.sites.byKey(key), message, signatures);
  }
}
