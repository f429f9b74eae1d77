import { longestMessage } from '@sirene/core/chat';
import { ApiProperty } from '@nestjs/swagger';
import { IsString, Matches, MaxLength } from 'class-validator';

export class SavedReplyDto {
  @ApiProperty({ description: 'By which it is found: one word' })
  @Matches(/^[\p{L}\p{N}_-]{1,30}$/u, { message: 'must be one word of 1 to 30 letters, digits, - or _' })
  name: string;

  @ApiProperty({ description: '{{name}} stands for the visitor’s name' })
  @IsString()
  @Matches(/\S/, { message: 'must not be empty' })
  @MaxLength(longestMessage)
  text: string;
}
