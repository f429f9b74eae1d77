import { Controller, Get, Query } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { Answers } from '../shared/answers.js';
import { CurrentWidget, SiteAccess } from '../sites/site-access.js';
import type { WidgetEntity } from '../widgets/widgets.entity.js';
import { OlderDto } from './dto/older.dto.js';
import { olderSubmissions } from './people.answers.js';
import { RetentionService } from './retention.service.js';

/** What a form's time of keeping would delete, before it does. */
@ApiTags('people')
@SiteAccess('member')
@Controller('api/widgets/:widget')
export class RetentionController {
  constructor(private readonly retention: RetentionService) {}

  @Answers('How many submissions of a widget are older than so many days.', olderSubmissions)
  @Get('older-submissions')
  older(@CurrentWidget() widget: WidgetEntity, @Query() { days }: OlderDto) {
    return this.retention.older(widget, days);
  }
}
