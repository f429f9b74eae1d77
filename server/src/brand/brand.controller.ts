import { Body, Controller, Get, HttpCode, Post, Put } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { CurrentSite, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import type { UserEntity } from '../accounts/accounts.entity.js';
import { CurrentUser } from '../accounts/session.guard.js';
import { SitesService } from '../sites/sites.service.js';
import { BrandService } from './brand.service.js';
import { SaveBrandDto, TokensFileDto } from './dto/brand.dto.js';
import { PageSourceDto } from '../pages/dto/page-source.dto.js';
import { Type } from '@sinclair/typebox';
import { Answers, byKey } from '../shared/answers.js';
import { brandAnswer, proposalAnswer, tokenImportAnswer } from '../shared/core-answers.js';
import { brandPreview, lookUse } from './brand.answers.js';

@ApiTags('brand')
@SiteAccess('member')
@Controller('api/sites/:site/brand')
export class BrandController {
  constructor(
    private readonly brand: BrandService,
    private readonly sites: SitesService,
  ) {}

  @Answers('The site’s design, complete: what the site has not set comes from the plain brand.', brandAnswer)
  @Get()
  async read(@CurrentSite() site: SiteEntity) {
    return this.sites.brandOf(site);
  }

  @Answers('Which widgets use each look, by the look’s id.', byKey(Type.Array(lookUse)))
  @Get('looks')
  async looks(@CurrentSite() site: SiteEntity) {
    return this.brand.lookUses(site);
  }

  @Answers('Saves the site’s design and publishes anew what it touches.', brandAnswer)
  @Put()
  async save(@CurrentUser() user: UserEntity, @CurrentSite() site: SiteEntity, @Body() brand: SaveBrandDto) {
    return this.brand.save(site, brand, user);
  }

  @Answers('What a brand would change, widget by widget. Nothing is saved.', brandPreview)
  @Post('preview')
  @HttpCode(200)
  async preview(@CurrentSite() site: SiteEntity, @Body() brand: SaveBrandDto) {
    return this.brand.preview(site, brand);
  }

  @Answers(
    'Reads a token file: what of it can be used, and what can’t and why. Nothing is saved.',
    tokenImportAnswer,
  )
  @Post('tokens')
  @HttpCode(200)
  tokens(@Body() { text }: TokensFileDto) {
    return this.brand.read(text);
  }

  @Answers('Proposes tokens from a page of the site. Nothing is saved.', proposalAnswer)
  @Post('proposal')
  @HttpCode(200)
  async propose(@CurrentSite() site: SiteEntity, @Body() page: PageSourceDto) {
    return this.brand.propose(site, page);
  }
}
