import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { Transform, Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsObject,
  IsString,
  Length,
  Max,
  MaxLength,
  Min,
  ValidateIf,
  ValidateNested,
} from 'class-validator';
import { MayBeLeftOut } from '../../shared/may-be-left-out.js';
import { mostTags } from '../deeds.js';
import { ChatMessageDto } from './chat-message.dto.js';

export const shownConversations = ['going', 'snoozed', 'closed'] as const;

export class ConversationsDto {
  @ApiProperty({ enum: shownConversations })
  @IsIn(shownConversations)
  state: (typeof shownConversations)[number];
}

export class ReportDto {
  @ApiProperty({ description: 'Of so many days, up to now' })
  @Type(() => Number)
  @IsInt()
  @Min(1)
  @Max(366)
  days: number;
}

export const transcriptKinds = ['text', 'json'] as const;

export class TranscriptDto {
  @ApiPropertyOptional({ enum: transcriptKinds })
  @MayBeLeftOut()
  @IsIn(transcriptKinds)
  as?: (typeof transcriptKinds)[number];
}

export class AfterDto {
  @ApiPropertyOptional({ description: 'The last message that is known' })
  @MayBeLeftOut()
  @Type(() => Number)
  @IsInt()
  @Min(0)
  @Max(1_000_000)
  after?: number;
}

/** What a desk knows, and wants to be told of. */
export class SinceDto {
  @ApiPropertyOptional({ description: 'The last count that is known; without one it is answered at once' })
  @MayBeLeftOut()
  @Type(() => Number)
  @IsInt()
  @Min(0)
  @Max(Number.MAX_SAFE_INTEGER)
  since?: number;

  @ApiPropertyOptional({ description: 'The conversation that is open' })
  @MayBeLeftOut()
  @IsString()
  @MaxLength(60)
  open?: string;

  @ApiPropertyOptional({ description: 'The mark of it in the last answer' })
  @MayBeLeftOut()
  @IsString()
  @MaxLength(400)
  mark?: string;

  @ApiPropertyOptional({ description: 'The last message of it that has been looked at' })
  @MayBeLeftOut()
  @Type(() => Number)
  @IsInt()
  @Min(0)
  @Max(1_000_000)
  seen?: number;

  @ApiPropertyOptional({
    description: 'Whether whoever asks is away: visitors are told that nobody is there',
  })
  @MayBeLeftOut()
  @Transform(({ value }: { value: unknown }) => (value === 'true' ? true : value === 'false' ? false : value))
  @IsBoolean()
  away?: boolean;
}

export class DeskMessageDto {
  @ApiProperty({ type: ChatMessageDto })
  @IsObject()
  @ValidateNested()
  @Type(() => ChatMessageDto)
  message: ChatMessageDto;

  @ApiProperty({ description: 'Whether only the desk sees it' })
  @IsBoolean()
  note: boolean;
}

/** By a socket: which conversation is meant. */
export class OpenDto {
  @IsString()
  @MaxLength(60)
  open: string;
}

export class SayDto extends DeskMessageDto {
  @IsString()
  @MaxLength(60)
  open: string;
}

export class ChangeConversationDto {
  @ApiPropertyOptional({
    type: String,
    nullable: true,
    description: 'The member who takes it on; null for nobody',
  })
  @ValidateIf((_, value) => value !== undefined && value !== null)
  @IsString()
  @MaxLength(60)
  assignee?: string | null;

  @ApiPropertyOptional({
    type: String,
    nullable: true,
    description: 'The group that it is handed to; null for none. Who had taken it on has it no more',
  })
  @ValidateIf((_, value) => value !== undefined && value !== null)
  @IsString()
  @MaxLength(60)
  group?: string | null;

  @ApiPropertyOptional({ enum: ['open', 'closed'] })
  @MayBeLeftOut()
  @IsIn(['open', 'closed'])
  state?: 'open' | 'closed';

  @ApiPropertyOptional({
    type: Number,
    nullable: true,
    description: 'When it comes back among what is going on, ms since 1970; null for now',
  })
  @ValidateIf((_, value) => value !== undefined && value !== null)
  @IsInt()
  @Min(0)
  @Max(8_640_000_000_000_000)
  snoozedUntil?: number | null;

  @ApiPropertyOptional({ type: [String], description: 'All of its tags' })
  @MayBeLeftOut()
  @IsArray()
  @ArrayMaxSize(mostTags)
  @IsString({ each: true })
  @Length(1, 40, { each: true })
  tags?: string[];
}

export class DeskFileDto {
  @ApiProperty({ description: 'What it is called' })
  @IsString()
  @Length(1, 200)
  name: string;
}
