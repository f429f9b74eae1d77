import { Module } from '@nestjs/common';
import { ServingModule } from '../serving/serving.module.js';
import { HostedController } from './hosted.controller.js';
import { HostedService } from './hosted.service.js';

@Module({ imports: [ServingModule], controllers: [HostedController], providers: [HostedService] })
export class HostedModule {}
