import { Body, Controller, Delete, Get, HttpCode, Param, Post, Put, Query, Res } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { Type } from '@sinclair/typebox';
import type { FastifyReply } from 'fastify';
import { Answers, AnswersFile, AnswersNothing } from '../shared/answers.js';
import { CurrentSite, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import {
  InvoiceDto,
  InvoiceSettingsDto,
  NewInvoiceDto,
  PaidDto,
  SendInvoiceDto,
} from './dto/invoices.dto.js';
import { InvoicesOfDto } from './dto/invoices-of.dto.js';
import { invoice, invoiceSettings, toldOfInvoice, toldOfSettings } from './invoices.answers.js';
import { fileName, InvoicesService } from './invoices.service.js';

/** The invoices of a site, and how it writes them. */
@ApiTags('invoices')
@SiteAccess('member')
@Controller('api/sites/:site')
export class InvoicesController {
  constructor(private readonly invoices: InvoicesService) {}

  @Answers('The invoices, the newest first.', Type.Array(invoice))
  @Get('invoices')
  async list(@CurrentSite() site: SiteEntity, @Query() { person }: InvoicesOfDto) {
    return (await this.invoices.all(site, person)).map(toldOfInvoice);
  }

  @Answers('Begins an invoice for a person.', invoice)
  @Post('invoices')
  async draft(@CurrentSite() site: SiteEntity, @Body() { person }: NewInvoiceDto) {
    return toldOfInvoice(await this.invoices.draft(site, person));
  }

  @Answers('One invoice.', invoice)
  @Get('invoices/:invoice')
  async read(@CurrentSite() site: SiteEntity, @Param('invoice') id: string) {
    return toldOfInvoice(await this.invoices.one(site, id));
  }

  @Answers('Changes a draft.', invoice)
  @Put('invoices/:invoice')
  async change(@CurrentSite() site: SiteEntity, @Param('invoice') id: string, @Body() body: InvoiceDto) {
    await this.invoices.change(site, id, body);
    return this.read(site, id);
  }

  @AnswersNothing('Drops a draft.')
  @Delete('invoices/:invoice')
  @HttpCode(204)
  async drop(@CurrentSite() site: SiteEntity, @Param('invoice') id: string) {
    await this.invoices.drop(site, id);
  }

  @Answers('Gives a draft its number; it is not changed from then on.', invoice)
  @Post('invoices/:invoice/issue')
  @HttpCode(200)
  async issue(@CurrentSite() site: SiteEntity, @Param('invoice') id: string) {
    await this.invoices.issue(site, id);
    return this.read(site, id);
  }

  @Answers('Sends an invoice to its buyer, as PDF and as XML.', invoice)
  @Post('invoices/:invoice/send')
  @HttpCode(200)
  async send(
    @CurrentSite() site: SiteEntity,
    @Param('invoice') id: string,
    @Body() { text }: SendInvoiceDto,
  ) {
    await this.invoices.send(site, id, text);
    return this.read(site, id);
  }

  @Answers('Notes that an invoice has been paid, or has not.', invoice)
  @Put('invoices/:invoice/paid')
  async setPaid(@CurrentSite() site: SiteEntity, @Param('invoice') id: string, @Body() { paid }: PaidDto) {
    await this.invoices.setPaid(site, id, paid);
    return this.read(site, id);
  }

  @AnswersFile('An invoice as PDF.', 'application/pdf')
  @Get('invoices/:invoice/invoice.pdf')
  async pdf(@CurrentSite() site: SiteEntity, @Param('invoice') id: string, @Res() reply: FastifyReply) {
    const { content, name } = await this.invoices.pdf(site, await this.invoices.one(site, id));
    return reply
      .type('application/pdf')
      .header('content-disposition', `inline; filename="${name}"`)
      .send(content);
  }

  @AnswersFile('An invoice as XML (UBL 2.1, EN 16931).', 'application/xml')
  @Get('invoices/:invoice/invoice.xml')
  async xml(@CurrentSite() site: SiteEntity, @Param('invoice') id: string, @Res() reply: FastifyReply) {
    const found = await this.invoices.one(site, id);
    const content = this.invoices.xml(found);
    return reply
      .type('application/xml; charset=utf-8')
      .header('content-disposition', `attachment; filename="invoice-${fileName(found.number ?? '')}.xml"`)
      .send(content);
  }

  @Answers('How the site writes its invoices.', invoiceSettings)
  @Get('invoice-settings')
  async settings(@CurrentSite() site: SiteEntity) {
    return toldOfSettings(await this.invoices.settings(site));
  }

  @Answers('Sets how the site writes its invoices, and its catalogue.', invoiceSettings)
  @Put('invoice-settings')
  async setSettings(@CurrentSite() site: SiteEntity, @Body() body: InvoiceSettingsDto) {
    await this.invoices.setSettings(site, body);
    return this.settings(site);
  }
}
