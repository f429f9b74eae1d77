import { Body, Controller, Get, HttpCode, Param, Post, Put } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import type { UserEntity } from '../accounts/accounts.entity.js';
import { CurrentUser } from '../accounts/session.guard.js';
import { SitesService } from '../sites/sites.service.js';
import { BrandService } from './brand.service.js';
import { ProposeDto, SaveBrandDto, TokensFileDto } from './dto/brand.dto.js';

@ApiTags('brand')
@Controller('api/sites/:site/brand')
export class BrandController {
  constructor(
    private readonly brand: BrandService,
    private readonly sites: SitesService,
  ) {}

  /** The site's design, complete: what the site has not set comes from the plain brand. */
  @Get()
  async read(@CurrentUser() user: UserEntity, @Param('site') id: string) {
    return this.sites.brandOf(await this.sites.mine(user, id));
  }

  /** Which widgets use each look, by the look's id. */
  @Get('looks')
  async looks(@CurrentUser() user: UserEntity, @Param('site') id: string) {
    return this.brand.lookUses(await this.sites.mine(user, id));
  }

  @Put()
  async save(@CurrentUser() user: UserEntity, @Param('site') id: string, @Body() brand: SaveBrandDto) {
    return this.brand.save(await this.sites.mine(user, id), brand, user);
  }

  /** What a brand would change, widget by widget. Nothing is saved. */
  @Post('preview')
  @HttpCode(200)
  async preview(@CurrentUser() user: UserEntity, @Param('site') id: string, @Body() brand: SaveBrandDto) {
    return this.brand.preview(await this.sites.mine(user, id), brand);
  }

  /** Reads a token file: what of it can be used, and what can't and why. Nothing is saved. */
  @Post('tokens')
  @HttpCode(200)
  async tokens(@CurrentUser() user: UserEntity, @Param('site') id: string, @Body() { text }: TokensFileDto) {
    await this.sites.mine(user, id);
    return this.brand.read(text);
  }

  /** Proposes tokens from a page of the site. Nothing is saved. */
  @Post('proposal')
  @HttpCode(200)
  async propose(@CurrentUser() user: UserEntity, @Param('site') id: string, @Body() page: ProposeDto) {
    return this.brand.propose(await this.sites.mine(user, id), page);
  }
}
