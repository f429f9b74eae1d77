import type { IncomingHttpHeaders } from 'node:http';
import { Controller, Get, Header, Headers, Param, Query } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { Public } from '../accounts/permission.js';
import { siteOfPage } from '../serving/site-of-page.js';
import { Answers } from '../shared/answers.js';
import { SitesService } from '../sites/sites.service.js';
import { RaisedDto } from './dto/raised.dto.js';
import { raised } from './payments.answers.js';
import { PaymentsService } from './payments.service.js';

/** What visitors' pages show of what has been paid. */
@ApiTags('payments')
@Public()
@Controller('c/:key')
export class RaisedController {
  constructor(
    private readonly payments: PaymentsService,
    private readonly sites: SitesService,
  ) {}

  @Answers('What has been paid by way of a widget.', raised)
  @Get('raised')
  // Many visitors at once are one question.
  @Header('cache-control', 'public, max-age=15')
  async sum(
    @Param('key') key: string,
    @Headers() headers: IncomingHttpHeaders,
    @Query() { widget, currency }: RaisedDto,
  ) {
    const site = await siteOfPage(this.sites, key, headers);
    return this.payments.raised(site, widget, currency);
  }
}
