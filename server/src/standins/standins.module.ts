import { Module } from '@nestjs/common';
import { WebhooksModule } from '../webhooks/webhooks.module.js';
import { PaymentsModule } from '../payments/payments.module.js';
import { HookSink } from './hook-sink.js';
import { HooksController } from './hooks.controller.js';
import { MailSink } from './mail-sink.js';
import { PaymentSink } from './payment-sink.js';
import { StandinsController } from './standins.controller.js';
import { TestPaymentsController } from './test-payments.controller.js';

@Module({
  imports: [WebhooksModule, PaymentsModule],
  controllers: [StandinsController, HooksController, TestPaymentsController],
  providers: [MailSink, HookSink, PaymentSink],
  exports: [MailSink, HookSink, PaymentSink],
})
export class StandinsModule {}
