import type { IncomingHttpHeaders } from 'node:http';
import { Controller, Get, Headers, HttpCode, Param, Post, Req } from '@nestjs/common';
import { RouteConfig } from '@nestjs/platform-fastify';
import { ApiTags } from '@nestjs/swagger';
import type { FastifyRequest } from 'fastify';
import { Public } from '../accounts/permission.js';
import { AnswersFile, AnswersNothing } from '../shared/answers.js';
import { brandPage, type Said } from '../shared/brand-page.js';
import { GuardedPage } from '../shared/guarded-page.js';
import { languageOf, pageWordsOf } from '../shared/site-language.js';
import { ServiceError } from '../services/service-client.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { SitesService } from '../sites/sites.service.js';
import { limited } from '../visitor-surface.js';
import { signedIn } from '../webhooks/signed-request.js';
import { goingOn, noPayment, payPage } from './pay-pages.js';
import type { PaymentEntity } from './payments.entity.js';
import { PaymentsService } from './payments.service.js';

/** Where visitors see how their payment stands, and where the payment service tells it. */
@ApiTags('payments')
@Public()
@Controller('p/:key')
export class PayController {
  constructor(
    private readonly payments: PaymentsService,
    private readonly sites: SitesService,
  ) {}

  @AnswersFile(
    'The page of a payment: what it is for, and how it stands. Its receipt, once it is paid.',
    'text/html',
  )
  @Get('pay/:token')
  @GuardedPage()
  async page(@Param('key') key: string, @Param('token') token: string) {
    const site = await this.sites.byKey(key);
    return this.#shown(site, await this.payments.byToken(site, token), false);
  }

  @AnswersFile('Goes on to the page of the payment service.', 'text/html')
  @RouteConfig(limited('collect'))
  @Post('pay/:token')
  @HttpCode(200)
  @GuardedPage()
  async pay(@Param('key') key: string, @Param('token') token: string) {
    const site = await this.sites.byKey(key);
    const payment = await this.payments.byToken(site, token);
    try {
      const url = payment && (await this.payments.payAt(site, payment));
      if (url) return this.#page(site, goingOn(url, pageWordsOf(site.brand)));
    } catch (error) {
      if (!(error instanceof ServiceError)) throw error;
      return this.#shown(site, payment, true);
    }
    return this.#shown(site, await this.payments.byToken(site, token), false);
  }

  @AnswersNothing('Takes the result of a payment, signed by the payment service (Standard Webhooks).')
  @RouteConfig(limited('collect'))
  @Post('payments')
  @HttpCode(204)
  async result(
    @Param('key') key: string,
    @Headers() headers: IncomingHttpHeaders,
    @Req() request: FastifyRequest,
  ) {
    const { message, signatures } = signedIn(headers, request);
    await this.payments.take(await this.sites.byKey(key), message, signatures);
  }

  async #shown(site: SiteEntity, payment: PaymentEntity | null, isUnanswered: boolean): Promise<string> {
    if (!payment) return this.#page(site, noPayment(pageWordsOf(site.brand)));
    const page = await this.payments.cameFrom(payment);
    return this.#page(site, payPage(payment, page, isUnanswered, languageOf(site.brand)));
  }

  #page(site: SiteEntity, said: Said): string {
    return brandPage(this.sites.brandOf(site), site.name, said);
  }
}
