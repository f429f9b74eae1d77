import { Module } from '@nestjs/common';
import { ServingModule } from '../serving/serving.module.js';
import { HostedController } from './hosted.controller.js';

@Module({ imports: [ServingModule], controllers: [HostedController] })
export class HostedModule {}
