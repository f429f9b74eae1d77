import { Module } from '@nestjs/common';
import { ActionsController } from './actions.controller.js';
import { handlerTypes } from './handlers/registry.js';
import { HappeningsModule } from '../chat/happenings.module.js';
import { LeadsModule } from '../leads/leads.module.js';
import { ListsModule } from '../lists/lists.module.js';
import { SheetsModule } from '../sheets/sheets.module.js';
import { PaymentsModule } from '../payments/payments.module.js';
import { ServicesModule } from '../services/services.module.js';
import { WebhooksModule } from '../webhooks/webhooks.module.js';
import { HANDLERS } from './handlers/token.js';
import { OutboxService } from './outbox.service.js';
import { TryController } from './try.controller.js';
import { TryService } from './try.service.js';

@Module({
  imports: [
    HappeningsModule,
    WebhooksModule,
    ListsModule,
    LeadsModule,
    SheetsModule,
    PaymentsModule,
    ServicesModule,
  ],
  controllers: [ActionsController, TryController],
  providers: [
    ...Object.values(handlerTypes),
    {
      provide: HANDLERS,
      useFactory: (...handlers: unknown[]) =>
        Object.fromEntries(Object.keys(handlerTypes).map((type, at) => [type, handlers[at]])),
      inject: Object.values(handlerTypes),
    },
    OutboxService,
    TryService,
  ],
  exports: [OutboxService],
})
export class ActionsModule {}
