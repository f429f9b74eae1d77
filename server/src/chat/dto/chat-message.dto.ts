import { longestMessage } from '@sirene/core/chat';
import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { IsString, Matches, MaxLength } from 'class-validator';
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

  @ApiPropertyOptional({ description: 'A file that was sent ahead of it; its name becomes the text' })
  @MayBeLeftOut()
  @Matches(/^[0-9a-f]{32}$/, { message: 'must be the id of a file' })
  file?: string;
}
