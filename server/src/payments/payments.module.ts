import { Module } from '@nestjs/common';
import { PayController } from './pay.controller.js';
import { PaymentClient } from './payment-client.js';
import { PaymentServicesService } from './payment-services.service.js';
import { PaymentsController } from './payments.controller.js';
import { PaymentsService } from './payments.service.js';
import { RaisedController } from './raised.controller.js';

@Module({
  controllers: [PayController, RaisedController, PaymentsController],
  providers: [PaymentClient, PaymentServicesService, PaymentsService],
  exports: [PaymentServicesService, PaymentsService],
})
export class PaymentsModule {}
