import { ApiPropertyOptional } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import { IsInt, IsOptional, IsString, Matches, Max, MaxLength, Min } from 'class-validator';
import { cursorPattern } from '../../shared/cursor.js';

export class FilterSubmissionsDto {
  @ApiPropertyOptional({ description: 'Words to look for in what was sent, and on which page' })
  @IsOptional()
  @IsString()
  @MaxLength(200)
  words?: string;

  @ApiPropertyOptional({ description: 'Only of this widget' })
  @IsOptional()
  @IsString()
  @MaxLength(60)
  widget?: string;
}

export class ListSubmissionsDto extends FilterSubmissionsDto {
  @ApiPropertyOptional({ description: 'Only those after this place in the list: `next` of the page before' })
  @IsOptional()
  @Matches(cursorPattern, { message: 'must be the “next” of a page of this list' })
  after?: string;

  @ApiPropertyOptional({ default: 50 })
  @IsOptional()
  @Type(() => Number)
  @IsInt()
  @Min(1)
  @Max(200)
  limit?: number;
}
