import { Global, Module } from '@nestjs/common';
import { PatternGuard } from './pattern-guard.js';
import { WidgetsController } from './widgets.controller.js';
import { WidgetsService } from './widgets.service.js';

@Global()
@Module({
  controllers: [WidgetsController],
  providers: [WidgetsService, PatternGuard],
  exports: [WidgetsService],
})
export class WidgetsModule {}
