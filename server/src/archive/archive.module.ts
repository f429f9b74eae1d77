import { Module } from '@nestjs/common';
import { PagesModule } from '../pages/pages.module.js';
import { ArchiveService } from './archive.service.js';

@Module({ imports: [PagesModule], providers: [ArchiveService], exports: [ArchiveService] })
export class ArchiveModule {}
