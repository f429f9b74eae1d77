import { Module } from '@nestjs/common';
import { ActionsController } from './actions.controller.js';
import { NotifyHandler } from './handlers/notify.js';
import { HANDLERS, OutboxService } from './outbox.service.js';

@Module({
  controllers: [ActionsController],
  providers: [
    NotifyHandler,
    // A new action is its handler and a place in this list.
    { provide: HANDLERS, useFactory: (...handlers: unknown[]) => handlers, inject: [NotifyHandler] },
    OutboxService,
  ],
  exports: [OutboxService],
})
export class ActionsModule {}
