import { Module } from '@nestjs/common';
import { PageFetcher } from './page-fetcher.js';
import { PagesController } from './pages.controller.js';
import { PagesService } from './pages.service.js';

@Module({
  controllers: [PagesController],
  providers: [PagesService, PageFetcher],
  exports: [PagesService, PageFetcher],
})
export class PagesModule {}
