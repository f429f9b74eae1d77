import { Module } from '@nestjs/common';
import { PagesModule } from '../pages/pages.module.js';
import { BrandController } from './brand.controller.js';
import { BrandService } from './brand.service.js';

@Module({ imports: [PagesModule], controllers: [BrandController], providers: [BrandService] })
export class BrandModule {}
