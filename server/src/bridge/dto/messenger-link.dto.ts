import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { IsString, Length, MaxLength } from 'class-validator';
import { MayBeLeftOut } from '../../shared/may-be-left-out.js';

export class MessengerLinkDto {
  @ApiProperty({ description: 'The chat that the visitor came from' })
  @IsString()
  @Length(1, 100)
  widget: string;

  @ApiPropertyOptional({ description: 'The page that the visitor came from' })
  @MayBeLeftOut()
  @IsString()
  @MaxLength(2048)
  page?: string;
}
