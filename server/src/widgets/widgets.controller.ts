import { Body, Controller, Delete, Get, HttpCode, Param, ParseIntPipe, Post, Put } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { CurrentSite, CurrentWidget, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { ruleSentence } from '@sirene/core/review/sentence';
import type { UserEntity } from '../accounts/accounts.entity.js';
import { CurrentUser } from '../accounts/session.guard.js';
import { SitesService } from '../sites/sites.service.js';
import { BaseDto, CopyWidgetDto, CreateWidgetDto, SaveDraftDto } from './dto/widget.dto.js';
import type { WidgetEntity } from './widgets.entity.js';
import { WidgetsService } from './widgets.service.js';

const lately = 30;

@ApiTags('widgets')
@SiteAccess('member')
@Controller('api')
export class WidgetsController {
  constructor(
    private readonly widgets: WidgetsService,
    private readonly sites: SitesService,
  ) {}

  /** All widgets of a site, with what each did in the last thirty days. */
  @Get('sites/:site/widgets')
  async list(@CurrentSite() site: SiteEntity) {
    const widgets = await this.widgets.of(site);
    const counts = await this.widgets.countsOf(
      widgets.map(({ id }) => id),
      lately,
    );
    return widgets.map((widget) => {
      // Without the documents: a thousand of them are too much for one answer, and few are looked at.
      const { document, ...listed } = view(widget);
      const { name, kind, placement, elements } = document;
      const sentence = ruleSentence(document);
      const done = counts.get(widget.id) ?? { shown: 0, submitted: 0 };
      const collects = Object.values(elements).some(({ type }) => type === 'form');
      return { ...listed, name, kind, placement: placement.type, sentence, collects, ...done };
    });
  }

  @Post('sites/:site/widgets')
  async create(@CurrentSite() site: SiteEntity, @Body() widget: CreateWidgetDto) {
    return view(await this.widgets.create(site, widget));
  }

  @Get('widgets/:widget')
  async read(@CurrentWidget() widget: WidgetEntity) {
    return view(widget);
  }

  /** The draft compiled: what small true previews of it are drawn from. */
  @Get('widgets/:widget/preview')
  async preview(@CurrentWidget() widget: WidgetEntity, @CurrentSite() site: SiteEntity) {
    return this.widgets.compiledDraft(widget, site);
  }

  @Put('widgets/:widget/draft')
  async save(@CurrentWidget() widget: WidgetEntity, @Body() { base, document }: SaveDraftDto) {
    return view(await this.widgets.saveDraft(widget, base, document));
  }

  @Post('widgets/:widget/publish')
  @HttpCode(200)
  async publish(
    @CurrentUser() user: UserEntity,
    @CurrentWidget() widget: WidgetEntity,
    @CurrentSite() site: SiteEntity,
    @Body() { base }: BaseDto,
  ) {
    return view(await this.widgets.publish(site, widget, base, user));
  }

  @Post('widgets/:widget/copy')
  async copy(
    @CurrentUser() user: UserEntity,
    @CurrentWidget() widget: WidgetEntity,
    @CurrentSite() own: SiteEntity,
    @Body() { name, site }: CopyWidgetDto,
  ) {
    return view(await this.widgets.copy(widget, site ? await this.sites.mine(user, site) : own, name));
  }

  @Post('widgets/:widget/unpublish')
  @HttpCode(204)
  async unpublish(@CurrentWidget() widget: WidgetEntity, @CurrentSite() site: SiteEntity) {
    await this.widgets.unpublish(site, widget);
  }

  @Get('widgets/:widget/versions')
  async versions(@CurrentWidget() widget: WidgetEntity) {
    const versions = await this.widgets.versions(widget);
    return versions.map(({ number, publishedAt, publishedBy, document }) => ({
      number,
      publishedAt,
      publishedBy,
      document,
      live: number === widget.publishedNumber,
    }));
  }

  @Post('widgets/:widget/versions/:number/restore')
  @HttpCode(200)
  async restore(
    @CurrentWidget() widget: WidgetEntity,
    @Param('number', ParseIntPipe) number: number,
    @Body() { base }: BaseDto,
  ) {
    return view(await this.widgets.restore(widget, number, base));
  }

  @Delete('widgets/:widget')
  @HttpCode(204)
  async remove(@CurrentWidget() widget: WidgetEntity, @CurrentSite() site: SiteEntity) {
    await this.widgets.remove(site, widget);
  }

  @SiteAccess('member', true)
  @Post('widgets/:widget/bring-back')
  @HttpCode(204)
  async bringBack(@CurrentWidget() widget: WidgetEntity, @CurrentSite() site: SiteEntity) {
    await this.widgets.bringBack(site, widget);
  }
}

const view = (widget: WidgetEntity) => ({
  id: widget.id,
  siteId: widget.siteId,
  slug: widget.slug,
  document: widget.draft,
  draftVersion: widget.draftVersion,
  draftSavedAt: widget.draftSavedAt,
  publishedNumber: widget.publishedNumber,
  changedSince: widget.publishedDraft !== null && widget.publishedDraft !== widget.draftVersion,
});
