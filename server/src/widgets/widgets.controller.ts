import { Body, Controller, Delete, Get, HttpCode, Param, ParseIntPipe, Post, Put } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { CurrentSite, CurrentWidget, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import type { UserEntity } from '../accounts/accounts.entity.js';
import { CurrentUser } from '../accounts/session.guard.js';
import { SitesService } from '../sites/sites.service.js';
import { BaseDto, CopyWidgetDto, CreateWidgetDto, SaveDraftDto } from './dto/widget.dto.js';
import type { WidgetEntity } from './widgets.entity.js';
import { WidgetsService } from './widgets.service.js';
import { Type } from '@sinclair/typebox';
import { Answers, AnswersNothing } from '../shared/answers.js';
import { compiledAnswer } from '../shared/core-answers.js';
import {
  listedWidget,
  toldInList,
  toldOfVersion,
  toldOfWidget,
  versionAnswer,
  widgetAnswer,
} from './widgets.answers.js';

const lately = 30;

@ApiTags('widgets')
@SiteAccess('member')
@Controller('api')
export class WidgetsController {
  constructor(
    private readonly widgets: WidgetsService,
    private readonly sites: SitesService,
  ) {}

  @Answers('All widgets of a site, with what each did in the last thirty days.', Type.Array(listedWidget))
  @Get('sites/:site/widgets')
  async list(@CurrentSite() site: SiteEntity) {
    const widgets = await this.widgets.of(site);
    const counts = await this.widgets.countsOf(
      widgets.map(({ id }) => id),
      lately,
    );
    return widgets.map((widget) => toldInList(widget, counts.get(widget.id)));
  }

  @Answers('Makes a widget: an empty one, or of a whole document.', widgetAnswer)
  @Post('sites/:site/widgets')
  async create(@CurrentSite() site: SiteEntity, @Body() widget: CreateWidgetDto) {
    return toldOfWidget(await this.widgets.create(site, widget));
  }

  @Answers('One widget with its draft.', widgetAnswer)
  @Get('widgets/:widget')
  async read(@CurrentWidget() widget: WidgetEntity) {
    return toldOfWidget(widget);
  }

  @Answers('The draft compiled: what small true previews of it are drawn from.', compiledAnswer)
  @Get('widgets/:widget/preview')
  async preview(@CurrentWidget() widget: WidgetEntity, @CurrentSite() site: SiteEntity) {
    return this.widgets.compiledDraft(widget, site);
  }

  @Answers('Saves the draft, where nobody else has in the meantime.', widgetAnswer)
  @Put('widgets/:widget/draft')
  async save(@CurrentWidget() widget: WidgetEntity, @Body() { base, document }: SaveDraftDto) {
    return toldOfWidget(await this.widgets.saveDraft(widget, base, document));
  }

  @Answers('Compiles the draft and makes it what visitors get.', widgetAnswer)
  @Post('widgets/:widget/publish')
  @HttpCode(200)
  async publish(
    @CurrentUser() user: UserEntity,
    @CurrentWidget() widget: WidgetEntity,
    @CurrentSite() site: SiteEntity,
    @Body() { base }: BaseDto,
  ) {
    return toldOfWidget(await this.widgets.publish(site, widget, base, user));
  }

  @Answers('Makes a widget of the draft of another, on its site or on another of one’s own.', widgetAnswer)
  @Post('widgets/:widget/copy')
  async copy(
    @CurrentUser() user: UserEntity,
    @CurrentWidget() widget: WidgetEntity,
    @CurrentSite() own: SiteEntity,
    @Body() { name, site }: CopyWidgetDto,
  ) {
    return toldOfWidget(
      await this.widgets.copy(widget, site ? await this.sites.mine(user, site) : own, name),
    );
  }

  @AnswersNothing('Takes a widget off the site; its draft stays.')
  @Post('widgets/:widget/unpublish')
  @HttpCode(204)
  async unpublish(@CurrentWidget() widget: WidgetEntity, @CurrentSite() site: SiteEntity) {
    await this.widgets.unpublish(site, widget);
  }

  @Answers('The versions that were published, newest first.', Type.Array(versionAnswer))
  @Get('widgets/:widget/versions')
  async versions(@CurrentWidget() widget: WidgetEntity) {
    const versions = await this.widgets.versions(widget);
    return versions.map((version) => toldOfVersion(version, widget.publishedNumber));
  }

  @Answers('Makes a version the draft again.', widgetAnswer)
  @Post('widgets/:widget/versions/:number/restore')
  @HttpCode(200)
  async restore(
    @CurrentWidget() widget: WidgetEntity,
    @Param('number', ParseIntPipe) number: number,
    @Body() { base }: BaseDto,
  ) {
    return toldOfWidget(await this.widgets.restore(widget, number, base));
  }

  @AnswersNothing('Puts a widget aside; it can be brought back.')
  @Delete('widgets/:widget')
  @HttpCode(204)
  async remove(@CurrentWidget() widget: WidgetEntity, @CurrentSite() site: SiteEntity) {
    await this.widgets.remove(site, widget);
  }

  @AnswersNothing('Brings a widget back that was put aside.')
  @SiteAccess('member', true)
  @Post('widgets/:widget/bring-back')
  @HttpCode(204)
  async bringBack(@CurrentWidget() widget: WidgetEntity, @CurrentSite() site: SiteEntity) {
    await this.widgets.bringBack(site, widget);
  }
}
