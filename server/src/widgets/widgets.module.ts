import { Global, Module } from '@nestjs/common';
import { WidgetsController } from './widgets.controller.js';
import { WidgetsService } from './widgets.service.js';

@Global()
@Module({ controllers: [WidgetsController], providers: [WidgetsService], exports: [WidgetsService] })
export class WidgetsModule {}
