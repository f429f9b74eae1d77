import { Module } from '@nestjs/common';
import { PayController } from './pay.controller.js';
import { PaymentClient } from './payment-client.js';
import { PaymentServicesService } from './payment-services.service.js';
import { PaymentsController } from './payments.controller.js';
import { PaymentsService } from './payments.service.js';

@Module({
  controllers: [PayController, PaymentsController],
  providers: [PaymentClient, PaymentServicesService, PaymentsService],
  exports: [PaymentServicesService, PaymentsService],
})
export class PaymentsModule {}
