import { longestProof } from '@sirene/core/form/work';
import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsIn,
  IsInt,
  IsObject,
  IsString,
  Length,
  Matches,
  Max,
  MaxLength,
  Min,
} from 'class-validator';
import { MayBeLeftOut } from '../../shared/may-be-left-out.js';
import { Each } from '../../shared/each.js';

export class SubmissionDto {
  @ApiProperty({
    description: 'Made by the page: 32 hexadecimal digits. Sent again with the same id, it is stored once.',
  })
  @Matches(/^[0-9a-f]{32}$/, { message: 'must be 32 hexadecimal digits' })
  id: string;

  @ApiProperty()
  @IsString()
  @Length(1, 60)
  widget: string;

  @ApiProperty({ description: 'Path of the body that the visitor saw: its rules are the ones that count' })
  @Matches(/^\/b\/[0-9a-f]{32}\.json$/, { message: 'must be the path of a body' })
  body: string;

  @ApiProperty({ description: 'The form element of the widget' })
  @Matches(/^[a-z][a-z0-9]{0,19}$/, { message: 'must be the id of a form element' })
  form: string;

  @ApiProperty({ description: 'What was entered, by field key', type: Object })
  @IsObject()
  values: Record<string, unknown>;

  @ApiPropertyOptional({ description: 'What stands in the field that visitors do not see' })
  @MayBeLeftOut()
  @IsString()
  @MaxLength(200)
  trap?: string;

  @ApiPropertyOptional({ description: 'How long it took to fill in the form, ms' })
  @MayBeLeftOut()
  @IsInt()
  @Min(0)
  @Max(8_640_000_000)
  took?: number;

  @ApiPropertyOptional({
    description:
      'A text for which SHA-256 of the id, a colon and this text begins with as many zero bits as are asked for: 12, or what an answer 428 says',
  })
  @MayBeLeftOut()
  @IsString()
  @MaxLength(longestProof)
  work?: string;

  @ApiProperty()
  @IsString()
  @MaxLength(2048)
  page: string;

  @ApiProperty()
  @IsString()
  @MaxLength(300)
  title: string;
}

/** As a type only, so that the general pipe does not check what the flat one has checked. */
export type Submission = Pick<SubmissionDto, keyof SubmissionDto>;

export const countedTypes = ['shown', 'closed', 'submitted'] as const;

export class CountedDto {
  @ApiProperty({ enum: countedTypes })
  @IsIn(countedTypes)
  type: (typeof countedTypes)[number];

  @ApiProperty()
  @IsString()
  @Length(1, 60)
  widget: string;
}

export class EventsDto {
  @ApiProperty({ type: [CountedDto] })
  @ArrayMinSize(1)
  @ArrayMaxSize(50)
  @Each(() => CountedDto)
  events: CountedDto[];
}
