import { Body, Controller, Delete, Get, HttpCode, Inject, Param, Post, Put } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { CONFIG, type Config } from '../config.js';
import { Answers, AnswersNothing } from '../shared/answers.js';
import { CurrentSite, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { PaymentServiceDto } from './dto/payment-service.dto.js';
import { paymentService } from './payments.answers.js';
import { PaymentServicesService } from './payment-services.service.js';
import { PaymentsService } from './payments.service.js';

/** Where a site's payments are made, and what can be done with one; for its owners alone. */
@ApiTags('payments')
@SiteAccess('owner')
@Controller('api/sites/:site')
export class PaymentsController {
  constructor(
    private readonly payments: PaymentsService,
    private readonly services: PaymentServicesService,
    @Inject(CONFIG) private readonly config: Config,
  ) {}

  @Answers('The payment service of the site. Its secrets are told to nobody.', paymentService)
  @Get('payment-service')
  async read(@CurrentSite() site: SiteEntity) {
    const url = (await this.services.of(site))?.url ?? null;
    return {
      url,
      isTest: url === `http://127.0.0.1:${this.config.standinPaymentPort}`,
      resultUrl: `${this.config.origin}/p/${site.key}/payments`,
    };
  }

  @Answers('Gives the site this payment service.', paymentService)
  @Put('payment-service')
  async set(@CurrentSite() site: SiteEntity, @Body() settings: PaymentServiceDto) {
    await this.services.set(site, settings);
    return this.read(site);
  }

  @AnswersNothing(
    'Takes the site’s payment service away; the test service takes its place, where there is one.',
  )
  @Delete('payment-service')
  @HttpCode(204)
  async clear(@CurrentSite() site: SiteEntity) {
    await this.services.clear(site);
  }

  @AnswersNothing('Has a payment paid back.')
  @Post('payments/:payment/refund')
  @HttpCode(204)
  async refund(@CurrentSite() site: SiteEntity, @Param('payment') id: string) {
    await this.payments.refund(site, id);
  }
}
