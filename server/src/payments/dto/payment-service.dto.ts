import { ApiProperty } from '@nestjs/swagger';
import { IsString, Length, Matches, MaxLength } from 'class-validator';

export class PaymentServiceDto {
  @ApiProperty({ description: 'Where the payment service takes requests' })
  @IsString()
  @MaxLength(2048)
  @Matches(/^https?:\/\/[^\s/?#@]+(\/[^\s?#]*)?$/i, {
    message: 'must be a web address, starting with https://',
  })
  url: string;

  @ApiProperty({ description: 'The key that the payment service knows the site by' })
  @IsString()
  @Length(1, 500)
  @Matches(/^[\x21-\x7e]+$/, { message: 'must be letters, digits and signs without spaces' })
  key: string;

  @ApiProperty({ description: 'What the payment service signs its results with (Standard Webhooks)' })
  @Matches(/^whsec_[A-Za-z0-9+/]{32,172}={0,2}$/, {
    message: 'must start with whsec_ and hold 24 to 128 bytes in Base64',
  })
  signingKey: string;
}
