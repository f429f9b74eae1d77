import { Controller, Get } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { DataSource } from 'typeorm';
import { Answers } from '../shared/answers.js';
import { CurrentSite, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { PaymentSink } from './payment-sink.js';
import { testPayments } from './standins.answers.js';
import { TestPaymentEntity } from './standins.entity.js';

const most = 100;

/** The payment stand-in, as the studio shows it. */
@ApiTags('stand-ins')
@SiteAccess('member')
@Controller('api/sites/:site/test-payments')
export class TestPaymentsController {
  constructor(
    private readonly dataSource: DataSource,
    private readonly sink: PaymentSink,
  ) {}

  @Answers('The sessions of the payment stand-in, the newest first.', testPayments)
  @Get()
  async list(@CurrentSite() site: SiteEntity) {
    const sessions = await this.dataSource
      .getRepository(TestPaymentEntity)
      .find({ where: { siteId: site.id }, order: { at: 'DESC', id: 'DESC' }, take: most });
    return {
      url: this.sink.url,
      sessions: sessions.map(({ id, description, units, currency, interval, status, told, at }) => ({
        ...{ id, description, units, currency, interval, status, at },
        told: told !== null,
      })),
    };
  }
}
