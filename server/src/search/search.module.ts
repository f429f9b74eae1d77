import { Module } from '@nestjs/common';
import { IndexerService } from './indexer.service.js';
import { SearchController } from './search.controller.js';
import { SearchService } from './search.service.js';

@Module({
  controllers: [SearchController],
  providers: [SearchService, IndexerService],
  exports: [IndexerService],
})
export class SearchModule {}
