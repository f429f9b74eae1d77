import { Module } from '@nestjs/common';
import { ServingController } from './serving.controller.js';
import { ServingService } from './serving.service.js';

@Module({ controllers: [ServingController], providers: [ServingService], exports: [ServingService] })
export class ServingModule {}
