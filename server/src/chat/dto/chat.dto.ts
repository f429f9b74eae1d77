import { longestMessage } from '@sirene/core/chat';
import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import {
  IsBoolean,
  IsEmail,
  IsIn,
  IsInt,
  IsObject,
  IsString,
  Length,
  Matches,
  Max,
  MaxLength,
  Min,
  ValidateIf,
  ValidateNested,
} from 'class-validator';
import { MayBeLeftOut } from '../../shared/may-be-left-out.js';

export class ChatMessageDto {
  @ApiProperty({
    description: 'Made by whoever writes it: 32 hexadecimal digits. Sent again, it is stored once.',
  })
  @Matches(/^[0-9a-f]{32}$/, { message: 'must be 32 hexadecimal digits' })
  id: string;

  @ApiProperty()
  @IsString()
  @Matches(/\S/, { message: 'must not be empty' })
  @MaxLength(longestMessage)
  text: string;
}

class VisitorDto {
  @ApiProperty({
    description: 'By which the visitor is known again: 32 hexadecimal digits of the page’s own',
  })
  @Matches(/^[0-9a-f]{32}$/, { message: 'must be 32 hexadecimal digits' })
  token: string;

  @ApiProperty()
  @IsString()
  @Length(1, 60)
  widget: string;
}

export class VisitorMessageDto extends VisitorDto {
  @ApiProperty({ type: ChatMessageDto })
  @IsObject()
  @ValidateNested()
  @Type(() => ChatMessageDto)
  message: ChatMessageDto;

  @ApiPropertyOptional()
  @MayBeLeftOut()
  @IsString()
  @MaxLength(120)
  name?: string;

  @ApiPropertyOptional({ description: 'Empty where nobody asked' })
  @MayBeLeftOut()
  @ValidateIf((_, value) => value !== '')
  @IsEmail({}, { message: 'must be an e-mail address' })
  @MaxLength(254)
  email?: string;

  @ApiProperty()
  @IsString()
  @MaxLength(2048)
  page: string;

  @ApiProperty()
  @IsString()
  @MaxLength(300)
  title: string;
}

export class FollowDto extends VisitorDto {
  @ApiProperty({ description: 'The last message that is known; 0 where none is' })
  @IsInt()
  @Min(0)
  @Max(1_000_000)
  after: number;

  @ApiProperty({ description: 'Whether it is answered only once there is something to tell' })
  @IsBoolean()
  wait: boolean;

  @ApiPropertyOptional({ description: 'How the conversation stood when the page heard of it last' })
  @MayBeLeftOut()
  @IsString()
  @MaxLength(20)
  state?: string;

  @ApiPropertyOptional({ description: 'The conversation that the message is of' })
  @MayBeLeftOut()
  @IsString()
  @MaxLength(60)
  conversation?: string;
}

export class ConversationsDto {
  @ApiProperty({ enum: ['going', 'closed'] })
  @IsIn(['going', 'closed'])
  state: 'going' | 'closed';
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

export class SinceDto {
  @ApiPropertyOptional({ description: 'The last count that is known; without one it is answered at once' })
  @MayBeLeftOut()
  @Type(() => Number)
  @IsInt()
  @Min(0)
  @Max(Number.MAX_SAFE_INTEGER)
  since?: number;
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

  @ApiPropertyOptional({ enum: ['open', 'closed'] })
  @MayBeLeftOut()
  @IsIn(['open', 'closed'])
  state?: 'open' | 'closed';
}
