import { Module } from '@nestjs/common';
import { ChatModule } from '../chat/chat.module.js';
import { WebhooksModule } from '../webhooks/webhooks.module.js';
import { ServicesModule } from '../services/services.module.js';
import { HookSink } from './hook-sink.js';
import { HooksController } from './hooks.controller.js';
import { MailSink } from './mail-sink.js';
import { MemberSink } from './member-sink.js';
import { MessengerSink } from './messenger-sink.js';
import { PaymentSink } from './payment-sink.js';
import { StandinsController } from './standins.controller.js';
import { TestMembersController } from './test-members.controller.js';
import { TestMessengerController } from './test-messenger.controller.js';
import { TestPaymentsController } from './test-payments.controller.js';

@Module({
  imports: [WebhooksModule, ServicesModule, ChatModule],
  controllers: [
    StandinsController,
    HooksController,
    TestPaymentsController,
    TestMembersController,
    TestMessengerController,
  ],
  providers: [MailSink, HookSink, PaymentSink, MemberSink, MessengerSink],
  exports: [MailSink, HookSink, PaymentSink, MemberSink, MessengerSink],
})
export class StandinsModule {}
