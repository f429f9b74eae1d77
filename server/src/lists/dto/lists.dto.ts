import { ApiPropertyOptional } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import { IsIn, IsInt, IsString, Matches, Max, MaxLength, Min } from 'class-validator';
import { cursorPattern } from '../../shared/cursor.js';
import { MayBeLeftOut } from '../../shared/may-be-left-out.js';
import { entryStates, type EntryState } from '../lists.entity.js';

export class FilterEntriesDto {
  @ApiPropertyOptional({ enum: entryStates, description: 'Only those that stand so to the list' })
  @MayBeLeftOut()
  @IsIn(entryStates)
  state?: EntryState;

  @ApiPropertyOptional({ description: 'Part of a name or an address' })
  @MayBeLeftOut()
  @IsString()
  @MaxLength(200)
  words?: string;
}

export class ListEntriesDto extends FilterEntriesDto {
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
