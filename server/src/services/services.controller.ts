import {
  BadRequestException,
  Body,
  Controller,
  Delete,
  Get,
  HttpCode,
  Inject,
  NotFoundException,
  Param,
  ParseEnumPipe,
  Put,
} from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { CONFIG, type Config } from '../config.js';
import { Answers, AnswersNothing } from '../shared/answers.js';
import { CurrentSite, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { ServiceDto } from './dto/service.dto.js';
import { serviceKinds, type ServiceKind } from './kinds.js';
import { service } from './services.answers.js';
import { ServicesService } from './services.service.js';

const kinds = Object.fromEntries(Object.keys(serviceKinds).map((kind) => [kind, kind]));
const kindPipe = new ParseEnumPipe(kinds, {
  exceptionFactory: () => new NotFoundException('There is no such service.'),
});

/** The outside services of a site, for its owners alone. */
@ApiTags('services')
@SiteAccess('owner')
@Controller('api/sites/:site/services/:kind')
export class ServicesController {
  constructor(
    private readonly services: ServicesService,
    @Inject(CONFIG) private readonly config: Config,
  ) {}

  @Answers('An outside service of the site. Its secrets are told to nobody.', service)
  @Get()
  async read(@CurrentSite() site: SiteEntity, @Param('kind', kindPipe) kind: ServiceKind) {
    const url = (await this.services.of(site, kind))?.url ?? null;
    return {
      url,
      isTest: url !== null && url === this.services.standinUrl(kind),
      resultUrl: serviceKinds[kind].signs ? `${this.config.origin}/p/${site.key}/${kind}` : null,
    };
  }

  @Answers('Gives the site this service.', service)
  @Put()
  async set(
    @CurrentSite() site: SiteEntity,
    @Param('kind', kindPipe) kind: ServiceKind,
    @Body() { url, key, signingKey }: ServiceDto,
  ) {
    if (serviceKinds[kind].signs && signingKey === undefined)
      throw new BadRequestException('signingKey: is missing');
    await this.services.set(site, kind, { url, key, signingKey: signingKey ?? '' });
    return this.read(site, kind);
  }

  @AnswersNothing('Takes the service away; its stand-in takes its place, where there is one.')
  @Delete()
  @HttpCode(204)
  async clear(@CurrentSite() site: SiteEntity, @Param('kind', kindPipe) kind: ServiceKind) {
    await this.services.clear(site, kind);
  }
}
