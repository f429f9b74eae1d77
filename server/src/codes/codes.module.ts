import { Module } from '@nestjs/common';
import { CodesController, VisitorCodesController } from './codes.controller.js';
import { CodesService } from './codes.service.js';

@Module({
  controllers: [CodesController, VisitorCodesController],
  providers: [CodesService],
  exports: [CodesService],
})
export class CodesModule {}
