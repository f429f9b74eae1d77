import { Module } from '@nestjs/common';
import { DeliveryModule } from '../delivery/delivery.module.js';
import { HostedController } from './hosted.controller.js';

@Module({ imports: [DeliveryModule], controllers: [HostedController] })
export class HostedModule {}
