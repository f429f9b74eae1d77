import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { languages, type Language } from '@sirene/core/base/messages';
import { IsArray, IsIn, IsObject, IsString, Length } from 'class-validator';
import { MayBeLeftOut } from '../../shared/may-be-left-out.js';

export class SaveBrandDto {
  @ApiProperty({ description: 'Tokens in the W3C Design Tokens format' })
  @IsObject()
  tokens: Record<string, unknown>;

  @ApiProperty()
  @IsObject()
  looks: Record<string, unknown>;

  @ApiProperty({ type: [Object] })
  @IsArray()
  fonts: unknown[];

  @ApiPropertyOptional({ description: 'The site’s own mark: an upload, with its size and what it shows' })
  @MayBeLeftOut()
  @IsObject()
  logo?: Record<string, unknown>;

  @ApiPropertyOptional({ enum: languages, description: 'What the site’s widgets are written in' })
  @MayBeLeftOut()
  @IsIn(languages)
  language?: Language;

  @ApiPropertyOptional({
    description: 'For tokens that are in use and go: the token that takes their place',
    type: 'object',
    additionalProperties: { type: 'string' },
  })
  @MayBeLeftOut()
  @IsObject()
  replacements?: Record<string, string>;
}

export class TokensFileDto {
  @ApiProperty({ description: 'The text of a Design Tokens file' })
  @IsString()
  @Length(2, 1_000_000)
  text: string;
}
