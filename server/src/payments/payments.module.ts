import { Module } from '@nestjs/common';
import { ServicesModule } from '../services/services.module.js';
import { PayController } from './pay.controller.js';
import { PaymentClient } from './payment-client.js';
import { PaymentsController } from './payments.controller.js';
import { PaymentsService } from './payments.service.js';
import { RaisedController } from './raised.controller.js';

@Module({
  imports: [ServicesModule],
  controllers: [PayController, RaisedController, PaymentsController],
  providers: [PaymentClient, PaymentsService],
  exports: [PaymentsService],
})
export class PaymentsModule {}
