import { ApiPropertyOptional } from '@nestjs/swagger';
import { IsIn } from 'class-validator';
import { MayBeLeftOut } from '../../shared/may-be-left-out.js';
import { After, PageLimit, QueryText } from '../../shared/paged.js';
import { entryStates, type EntryState } from '../lists.entity.js';

export class FilterEntriesDto {
  @ApiPropertyOptional({ enum: entryStates, description: 'Only those that stand so to the list' })
  @MayBeLeftOut()
  @IsIn(entryStates)
  state?: EntryState;

  @QueryText('Part of a name or an address')
  words?: string;
}

export class ListEntriesDto extends FilterEntriesDto {
  @After()
  after?: string;

  @PageLimit()
  limit?: number;
}
