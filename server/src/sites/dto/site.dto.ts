import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsOptional,
  IsString,
  Length,
  Matches,
  MaxLength,
} from 'class-validator';

const origin = /^https?:\/\/[a-z0-9.-]+(:\d{1,5})?$/;
const originMessage = 'must be origins such as https://www.place.example, without a path or a closing slash';

export class CreateSiteDto {
  @ApiProperty()
  @IsString()
  @Length(1, 120)
  @Matches(/\S/, { message: 'must not be blank' })
  name: string;

  @ApiProperty({ type: [String] })
  @IsArray()
  @ArrayMaxSize(50)
  @MaxLength(260, { each: true })
  @Matches(origin, { each: true, message: originMessage })
  origins: string[];
}

export class ChangeSiteDto {
  @ApiPropertyOptional()
  @IsOptional()
  @IsString()
  @Length(1, 120)
  @Matches(/\S/, { message: 'must not be blank' })
  name?: string;

  @ApiPropertyOptional({ type: [String] })
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(50)
  @MaxLength(260, { each: true })
  @Matches(origin, { each: true, message: originMessage })
  origins?: string[];

  /** Put aside: its widgets are shown to nobody until it is restored. For owners. */
  @ApiPropertyOptional()
  @IsOptional()
  @IsBoolean()
  archived?: boolean;
}
