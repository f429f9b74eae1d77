import { ApiProperty } from '@nestjs/swagger';
import { IsString, Length } from 'class-validator';

export class MessengerLinkDto {
  @ApiProperty({ description: 'The chat that the visitor came from' })
  @IsString()
  @Length(1, 100)
  widget: string;
}
