import { Module } from '@nestjs/common';
import { LinksController } from './links.controller.js';
import { ListImportService } from './list-import.service.js';
import { ListsController } from './lists.controller.js';
import { ListsService } from './lists.service.js';

@Module({
  controllers: [ListsController, LinksController],
  providers: [ListsService, ListImportService],
  exports: [ListsService],
})
export class ListsModule {}
