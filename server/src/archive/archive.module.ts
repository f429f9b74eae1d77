import { Module } from '@nestjs/common';
import { AssetsModule } from '../assets/assets.module.js';
import { CodesModule } from '../codes/codes.module.js';
import { InvoicesModule } from '../invoices/invoices.module.js';
import { PagesModule } from '../pages/pages.module.js';
import { ArchiveService } from './archive.service.js';

@Module({
  imports: [PagesModule, AssetsModule, CodesModule, InvoicesModule],
  providers: [ArchiveService],
  exports: [ArchiveService],
})
export class ArchiveModule {}
