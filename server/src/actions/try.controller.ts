import { Body, Controller, HttpCode, Post } from '@nestjs/common';
import { ApiProperty, ApiTags } from '@nestjs/swagger';
import { Type } from '@sinclair/typebox';
import { IsObject } from 'class-validator';
import type { UserEntity } from '../accounts/accounts.entity.js';
import { CurrentUser } from '../accounts/session.guard.js';
import { answer, Answers } from '../shared/answers.js';
import { CurrentSite, CurrentWidget, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import type { WidgetEntity } from '../widgets/widgets.entity.js';
import { TryService } from './try.service.js';

class TriedActionDto {
  @ApiProperty({ type: Object, description: 'The action, as the widget’s document has it' })
  @IsObject()
  action: Record<string, unknown>;
}

const actionPreview = answer('ActionPreview', {
  isSample: Type.Boolean({ description: 'Whether the answers are made up: nobody has sent the form yet.' }),
  mails: Type.Array(
    Type.Object(
      { to: Type.String(), subject: Type.String(), text: Type.String(), html: Type.String() },
      { additionalProperties: false },
    ),
  ),
});

const testedAction = answer('TestedAction', {
  to: Type.String({ description: 'To whom or where it went.' }),
});

/** Actions before anybody has sent the form. */
@ApiTags('actions')
@SiteAccess('member')
@Controller('api/widgets/:widget/actions')
export class TryController {
  constructor(private readonly tries: TryService) {}

  @Answers('The mails that an action would send for the last submission, or one made up.', actionPreview)
  @Post('preview')
  @HttpCode(200)
  async preview(
    @CurrentSite() site: SiteEntity,
    @CurrentWidget() widget: WidgetEntity,
    @Body() { action }: TriedActionDto,
  ) {
    const { isSample, letters } = await this.tries.preview(site, widget, action);
    const mails = letters.map(({ to, subject, text, html = '' }) => ({
      to: typeof to === 'string' ? to : to.address,
      ...{ subject, text, html },
    }));
    return { isSample, mails };
  }

  @Answers('Sends an action’s mail to who asks, or calls its server with a test.', testedAction)
  @Post('test')
  @HttpCode(200)
  async test(
    @CurrentSite() site: SiteEntity,
    @CurrentUser() user: UserEntity,
    @CurrentWidget() widget: WidgetEntity,
    @Body() { action }: TriedActionDto,
  ) {
    return { to: await this.tries.test(site, widget, action, user.email) };
  }
}
