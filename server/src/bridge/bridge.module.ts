import { Module } from '@nestjs/common';
import { ChatModule } from '../chat/chat.module.js';
import { HappeningsModule } from '../chat/happenings.module.js';
import { ServicesModule } from '../services/services.module.js';
import { BridgeChecks } from './bridge-checks.js';
import { BridgeOut } from './bridge-out.js';
import { BridgeController } from './bridge.controller.js';
import { BridgeService } from './bridge.service.js';
import { ChecksController } from './checks.controller.js';
import { MessengerClient } from './messenger-client.js';

/** Conversations by way of an outside messenger. */
@Module({
  imports: [ChatModule, HappeningsModule, ServicesModule],
  controllers: [BridgeController, ChecksController],
  providers: [BridgeService, BridgeOut, BridgeChecks, MessengerClient],
  exports: [BridgeOut],
})
export class BridgeModule {}
