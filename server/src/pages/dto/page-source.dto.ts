import { ApiPropertyOptional } from '@nestjs/swagger';
import { IsString, Length, MaxLength } from 'class-validator';
import { MayBeLeftOut } from '../../shared/may-be-left-out.js';

/** A page to read something from: where it is, or what it holds. */
export class PageSourceDto {
  @ApiPropertyOptional({ description: 'Address of a page of the site' })
  @MayBeLeftOut()
  @IsString()
  @MaxLength(2048)
  address?: string;

  @ApiPropertyOptional({ description: 'Or its HTML, with its styles in it' })
  @MayBeLeftOut()
  @IsString()
  @Length(1, 900_000)
  html?: string;
}
