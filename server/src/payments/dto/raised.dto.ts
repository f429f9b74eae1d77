import { ApiProperty } from '@nestjs/swagger';
import { IsString, Length, Matches } from 'class-validator';

export class RaisedDto {
  @ApiProperty({ description: 'The widget by way of which was paid' })
  @IsString()
  @Length(1, 60)
  widget: string;

  @ApiProperty({ description: 'ISO 4217' })
  @Matches(/^[A-Z]{3}$/, { message: 'must be a currency such as EUR' })
  currency: string;
}
