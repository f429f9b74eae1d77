import { Module } from '@nestjs/common';
import { TriesController } from './tries.controller.js';
import { TriesService } from './tries.service.js';

@Module({ controllers: [TriesController], providers: [TriesService] })
export class TriesModule {}
