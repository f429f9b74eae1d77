import { ApiProperty } from '@nestjs/swagger';
import { IsString, MaxLength } from 'class-validator';

export class PublicKeyDto {
  @ApiProperty({ description: 'In PEM: BEGIN PUBLIC KEY' })
  @IsString()
  @MaxLength(2000)
  publicKey: string;
}
