import { ApiPropertyOptional } from '@nestjs/swagger';
import { IsIn } from 'class-validator';
import { MayBeLeftOut } from '../../shared/may-be-left-out.js';
import { After, PageLimit, QueryText } from '../../shared/paged.js';

export class FilterSubmissionsDto {
  @QueryText('Words to look for in what was sent, and on which page')
  words?: string;

  @QueryText('Only of this widget', 60)
  widget?: string;

  @ApiPropertyOptional({ description: '`true` for those that are held back as spam, instead of the others' })
  @MayBeLeftOut()
  @IsIn(['true'])
  held?: 'true';
}

export class ListSubmissionsDto extends FilterSubmissionsDto {
  @After()
  after?: string;

  @PageLimit()
  limit?: number;
}
