import { Body, Controller, Delete, Get, HttpCode, Put } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { Answers, AnswersNothing } from '../shared/answers.js';
import { CurrentSite, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { identityKind, madeSecret } from './chat.answers.js';
import { IdentityKeyDto } from './dto/identity.dto.js';
import { Identities } from './identities.js';

/** With what the tokens of a site's members are checked. */
@ApiTags('chat')
@SiteAccess('owner')
@Controller('api/sites/:site/identity-key')
export class IdentityController {
  constructor(private readonly identities: Identities) {}

  @Answers('How the tokens of members are signed.', identityKind)
  @Get()
  async read(@CurrentSite() site: SiteEntity) {
    return { algorithm: await this.identities.kindOf(site) };
  }

  @Answers(
    'Sets the key. A secret (HS256) is told this once; tokens of the key before are refused from then on.',
    madeSecret,
  )
  @Put()
  async set(@CurrentSite() site: SiteEntity, @Body() { algorithm, publicKey = '' }: IdentityKeyDto) {
    if (algorithm === 'HS256') return { secret: await this.identities.makeSecret(site) };
    await this.identities.setPublicKey(site, publicKey);
    return { secret: null };
  }

  @AnswersNothing('Takes the key away: no token is accepted from then on.')
  @Delete()
  @HttpCode(204)
  async clear(@CurrentSite() site: SiteEntity) {
    await this.identities.clear(site);
  }
}
