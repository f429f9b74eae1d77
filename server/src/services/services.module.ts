import { Module } from '@nestjs/common';
import { ServiceClient } from './service-client.js';
import { ServicesController } from './services.controller.js';
import { ServicesService } from './services.service.js';

@Module({
  controllers: [ServicesController],
  providers: [ServicesService, ServiceClient],
  exports: [ServicesService, ServiceClient],
})
export class ServicesModule {}
