import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  ArrayUnique,
  IsArray,
  IsBoolean,
  IsIn,
  IsObject,
  IsString,
  Matches,
  MaxLength,
  MinLength,
  ValidateIf,
  ValidateNested,
} from 'class-validator';
import { MayBeLeftOut } from '../../shared/may-be-left-out.js';

/** Most submissions that are acted on together. */
const most = 200;

export class SomeSubmissionsDto {
  @ApiProperty({ type: [String], description: 'Submissions of the site' })
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(most)
  @ArrayUnique({ message: 'must not say one twice' })
  @IsString({ each: true })
  @MaxLength(60, { each: true })
  submissions: string[];
}

export class ChangeSubmissionsDto extends SomeSubmissionsDto {
  @ApiPropertyOptional({ description: 'Whether they have been read' })
  @MayBeLeftOut()
  @IsBoolean()
  read?: boolean;

  @ApiPropertyOptional({
    type: String,
    nullable: true,
    description: 'The member who takes them on; null for nobody',
  })
  @ValidateIf((_, value) => value !== undefined && value !== null)
  @IsString()
  @MaxLength(60)
  assignee?: string | null;
}

export class AnswerDto {
  @ApiProperty()
  @IsString()
  @Matches(/^[^\p{Cc}]*\S[^\p{Cc}]*$/u, { message: 'must be one line that is not empty' })
  @MaxLength(200)
  subject: string;

  @ApiProperty()
  @IsString()
  @Matches(/\S/, { message: 'must not be empty' })
  @MaxLength(10_000)
  text: string;
}

class ViewFilterDto {
  @ApiPropertyOptional()
  @MayBeLeftOut()
  @IsString()
  @MaxLength(200)
  words?: string;

  @ApiPropertyOptional({ description: 'A widget' })
  @MayBeLeftOut()
  @IsString()
  @MaxLength(60)
  widget?: string;

  @ApiPropertyOptional({ enum: ['true'] })
  @MayBeLeftOut()
  @IsIn(['true'])
  unread?: 'true';

  @ApiPropertyOptional({ description: 'A member, or `nobody`' })
  @MayBeLeftOut()
  @IsString()
  @MaxLength(60)
  assignee?: string;
}

export class ViewDto {
  @ApiProperty()
  @IsString()
  @MinLength(1)
  @MaxLength(60)
  @Matches(/^\S(.*\S)?$/u, { message: 'must not begin or end with a space' })
  name: string;

  @ApiProperty({ type: ViewFilterDto })
  @IsObject()
  @ValidateNested()
  @Type(() => ViewFilterDto)
  filter: ViewFilterDto;

  @ApiProperty({ type: [String], description: 'The fields that are shown as columns, by their keys' })
  @IsArray()
  @ArrayMaxSize(20)
  @ArrayUnique({ message: 'must not say one twice' })
  @IsString({ each: true })
  @MaxLength(40, { each: true })
  columns: string[];
}
