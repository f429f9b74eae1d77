import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { ArrayMaxSize, ArrayUnique, IsArray, IsString, Matches, MaxLength } from 'class-validator';
import { MayBeLeftOut } from '../../shared/may-be-left-out.js';
import { After, PageLimit, QueryText } from '../../shared/paged.js';

export class FilterPersonsDto {
  @QueryText('Part of a name or an address')
  words?: string;

  @QueryText('Only those with this tag', 40)
  tag?: string;
}

export class ListPersonsDto extends FilterPersonsDto {
  @After()
  after?: string;

  @PageLimit()
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

export class MergeDto {
  @ApiProperty({ description: 'The person of the site who goes into this one' })
  @IsString()
  @MaxLength(60)
  other: string;
}

export class NewNoteDto {
  @ApiProperty()
  @IsString()
  @Matches(/\S/, { message: 'must not be empty' })
  @MaxLength(5000)
  text: string;
}
