import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { IsString, Length, Matches, MaxLength } from 'class-validator';
import { MayBeLeftOut } from '../../shared/may-be-left-out.js';

export class ServiceDto {
  @ApiProperty({ description: 'Where the service takes requests' })
  @IsString()
  @MaxLength(2048)
  @Matches(/^https?:\/\/[^\s/?#@]+(\/[^\s?#]*)?$/i, {
    message: 'must be a web address, starting with https://',
  })
  url: string;

  @ApiProperty({ description: 'The key that the service knows the site by' })
  @IsString()
  @Length(1, 500)
  @Matches(/^[\x21-\x7e]+$/, { message: 'must be letters, digits and signs without spaces' })
  key: string;

  @ApiPropertyOptional({
    description: 'What it signs its results with (Standard Webhooks), for one that sends any',
  })
  @MayBeLeftOut()
  @Matches(/^whsec_[A-Za-z0-9+/]{32,172}={0,2}$/, {
    message: 'must start with whsec_ and hold 24 to 128 bytes in Base64',
  })
  signingKey?: string;
}
