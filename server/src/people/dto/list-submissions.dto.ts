import { ApiPropertyOptional } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import { IsIn, IsInt, IsString, Matches, Max, MaxLength, Min } from 'class-validator';
import { MayBeLeftOut } from '../../shared/may-be-left-out.js';
import { cursorPattern } from '../../shared/cursor.js';

export class FilterSubmissionsDto {
  @ApiPropertyOptional({ description: 'Words to look for in what was sent, and on which page' })
  @MayBeLeftOut()
  @IsString()
  @MaxLength(200)
  words?: string;

  @ApiPropertyOptional({ description: 'Only of this widget' })
  @MayBeLeftOut()
  @IsString()
  @MaxLength(60)
  widget?: string;

  @ApiPropertyOptional({ description: '`true` for those that are held back as spam, instead of the others' })
  @MayBeLeftOut()
  @IsIn(['true'])
  held?: 'true';
}

export class ListSubmissionsDto extends FilterSubmissionsDto {
  @ApiPropertyOptional({ description: 'Only those after this place in the list: `next` of the page before' })
  @MayBeLeftOut()
  @Matches(cursorPattern, { message: 'must be the “next” of a page of this list' })
  after?: string;

  @ApiPropertyOptional({ default: 50 })
  @MayBeLeftOut()
  @Type(() => Number)
  @IsInt()
  @Min(1)
  @Max(200)
  limit?: number;
}
