import { Controller, HttpCode, Param, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { AnswersNothing } from '../shared/answers.js';
import { CurrentSite, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { PaymentsService } from './payments.service.js';

/** What can be done with a payment; for the owners of its site alone. */
@ApiTags('payments')
@SiteAccess('owner')
@Controller('api/sites/:site')
export class PaymentsController {
  constructor(private readonly payments: PaymentsService) {}

  @AnswersNothing('Has a payment paid back.')
  @Post('payments/:payment/refund')
  @HttpCode(204)
  async refund(@CurrentSite() site: SiteEntity, @Param('payment') id: string) {
    await this.payments.refund(site, id);
  }
}
