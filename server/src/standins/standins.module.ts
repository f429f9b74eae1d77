import { Module } from '@nestjs/common';
import { WebhooksModule } from '../webhooks/webhooks.module.js';
import { HookSink } from './hook-sink.js';
import { HooksController } from './hooks.controller.js';
import { MailSink } from './mail-sink.js';
import { StandinsController } from './standins.controller.js';

@Module({
  imports: [WebhooksModule],
  controllers: [StandinsController, HooksController],
  providers: [MailSink, HookSink],
  exports: [MailSink, HookSink],
})
export class StandinsModule {}
