import { ApiPropertyOptional } from '@nestjs/swagger';
import { IsIn } from 'class-validator';
import { MayBeLeftOut } from '../../shared/may-be-left-out.js';
import { After, Moment, PageLimit, QueryText } from '../../shared/paged.js';

export class FilterSubmissionsDto {
  @QueryText('Words to look for in what was sent, and on which page')
  words?: string;

  @QueryText('Only of this widget', 60)
  widget?: string;

  @ApiPropertyOptional({ description: '`true` for those that are held back as spam, instead of the others' })
  @MayBeLeftOut()
  @IsIn(['true'])
  held?: 'true';

  @ApiPropertyOptional({ description: '`true` for those that nobody has looked at yet' })
  @MayBeLeftOut()
  @IsIn(['true'])
  unread?: 'true';

  @QueryText('Only those that this member has taken on; `nobody` for those that are free', 60)
  assignee?: string;

  @Moment('Only those received at this time or later, ms since 1970')
  since?: number;

  @Moment('Only those received before this time, ms since 1970')
  until?: number;
}

export class ListSubmissionsDto extends FilterSubmissionsDto {
  @After()
  after?: string;

  @PageLimit()
  limit?: number;
}
