import { mostQuestions } from '@sirene/core/chat';
import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsEmail,
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
import { ChatMessageDto } from './chat-message.dto.js';

export class VisitorDto {
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

class ChatAnswerDto {
  @ApiProperty()
  @IsString()
  @MaxLength(80)
  label: string;

  @ApiProperty()
  @IsString()
  @MaxLength(200)
  value: string;
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

  @ApiPropertyOptional({ type: [ChatAnswerDto], description: 'What was asked beside name and address' })
  @MayBeLeftOut()
  @IsArray()
  @ArrayMaxSize(mostQuestions)
  @ValidateNested({ each: true })
  @Type(() => ChatAnswerDto)
  answers?: ChatAnswerDto[];

  @ApiPropertyOptional({ description: 'A token that the site’s own server signed: who the visitor is (JWT)' })
  @MayBeLeftOut()
  @IsString()
  @MaxLength(4000)
  identity?: string;

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

  @ApiPropertyOptional({
    description: 'The mark of the last answer: as long as it is the same, nothing has changed',
  })
  @MayBeLeftOut()
  @IsString()
  @MaxLength(400)
  mark?: string;

  @ApiPropertyOptional({ description: 'The conversation that the message is of' })
  @MayBeLeftOut()
  @IsString()
  @MaxLength(60)
  conversation?: string;

  @ApiPropertyOptional({ description: 'The page on which they are' })
  @MayBeLeftOut()
  @IsString()
  @MaxLength(2048)
  page?: string;

  @ApiPropertyOptional({ description: 'What it is called' })
  @MayBeLeftOut()
  @IsString()
  @MaxLength(300)
  title?: string;

  @ApiPropertyOptional({ description: 'The last message that the visitor has looked at' })
  @MayBeLeftOut()
  @IsInt()
  @Min(0)
  @Max(1_000_000)
  seen?: number;
}

export class RateDto extends VisitorDto {
  @ApiProperty()
  @IsInt()
  @Min(1)
  @Max(5)
  rating: number;

  @ApiPropertyOptional()
  @MayBeLeftOut()
  @IsString()
  @MaxLength(1000)
  text?: string;
}

export class SendChatFileDto {
  @ApiProperty()
  @IsString()
  @Length(1, 60)
  widget: string;

  @ApiProperty({ description: 'What it is called' })
  @IsString()
  @Length(1, 200)
  name: string;
}
