import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { IsIn, IsString, Length } from 'class-validator';
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

export class ImportListDto {
  @ApiProperty({ description: 'Where and how they have agreed' })
  @IsString()
  @Length(3, 1000)
  words: string;

  @ApiPropertyOptional({ enum: ['true'], description: 'Only says what it would do' })
  @MayBeLeftOut()
  @IsIn(['true'])
  dry?: string;
}
