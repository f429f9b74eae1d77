import { ApiProperty, ApiPropertyOptional, PartialType } from '@nestjs/swagger';
import {
  ArrayMaxSize,
  ArrayUnique,
  IsArray,
  IsBoolean,
  IsObject,
  IsString,
  Length,
  Matches,
  MaxLength,
  ValidateNested,
} from 'class-validator';
import { Transform, Type } from 'class-transformer';
import { IsZone, PolicyDto } from './policy.dto.js';
import { MayBeLeftOut } from '../../shared/may-be-left-out.js';

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

export class ChangeSiteDto extends PartialType(CreateSiteDto, { skipNullProperties: false }) {
  @ApiPropertyOptional()
  @MayBeLeftOut()
  @IsZone()
  zone?: string;

  @ApiPropertyOptional({ type: PolicyDto })
  @MayBeLeftOut()
  @IsObject({ message: 'must be an object' })
  @ValidateNested()
  @Type(() => PolicyDto)
  policy?: PolicyDto;

  @ApiPropertyOptional({ type: [String], description: 'Words that hold a submission back as spam' })
  @MayBeLeftOut()
  @IsArray()
  @ArrayMaxSize(200)
  @ArrayUnique({ message: 'must not say one twice' })
  @IsString({ each: true })
  @Matches(/^\S(.{0,58}\S)?$/u, {
    each: true,
    message: 'must each be 1 to 60 characters, without space around',
  })
  @Transform(({ value }: { value: unknown }) =>
    Array.isArray(value)
      ? value.map((one: unknown) => (typeof one === 'string' ? one.toLowerCase() : one))
      : value,
  )
  unwantedWords?: string[];

  /** Put aside: its widgets are shown to nobody until it is restored. For owners. */
  @ApiPropertyOptional()
  @MayBeLeftOut()
  @IsBoolean()
  archived?: boolean;
}
