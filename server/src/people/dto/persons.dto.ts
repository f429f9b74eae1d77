import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayUnique,
  IsArray,
  IsInt,
  IsString,
  Matches,
  Max,
  MaxLength,
  Min,
} from 'class-validator';
import { cursorPattern } from '../../shared/cursor.js';
import { MayBeLeftOut } from '../../shared/may-be-left-out.js';

export class ListPersonsDto {
  @ApiPropertyOptional({ description: 'Part of a name or an address' })
  @MayBeLeftOut()
  @IsString()
  @MaxLength(200)
  words?: string;

  @ApiPropertyOptional({ description: 'Only those with this tag' })
  @MayBeLeftOut()
  @IsString()
  @MaxLength(40)
  tag?: string;

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

export class ChangePersonDto {
  @ApiPropertyOptional()
  @MayBeLeftOut()
  @IsString()
  @MaxLength(200)
  name?: string;

  @ApiPropertyOptional({ type: [String], description: 'All their tags' })
  @MayBeLeftOut()
  @IsArray()
  @ArrayMaxSize(30)
  @ArrayUnique({ message: 'must not say a tag twice' })
  @IsString({ each: true })
  @Matches(/^\S(.{0,38}\S)?$/u, {
    each: true,
    message: 'must each be 1 to 40 characters, without space around',
  })
  tags?: string[];
}

export class NewNoteDto {
  @ApiProperty()
  @IsString()
  @Matches(/\S/, { message: 'must not be empty' })
  @MaxLength(5000)
  text: string;
}
