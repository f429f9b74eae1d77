import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { currencies } from '@sirene/core/base/money';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsIn,
  IsInt,
  IsISO8601,
  IsString,
  Matches,
  Max,
  MaxLength,
  Min,
  MinLength,
  ValidateIf,
  ValidateNested,
} from 'class-validator';
import { MayBeLeftOut } from '../../shared/may-be-left-out.js';
import { outcomes, type Outcome } from '../leads.entity.js';

/** Most that a lead can be worth, in the smallest unit of its currency. */
const mostUnits = 1e13;

const OrNull = (): PropertyDecorator => ValidateIf((_, value) => value !== undefined && value !== null);

export class ChangeLeadDto {
  @ApiPropertyOptional({ description: 'The stage that it moves to' })
  @MayBeLeftOut()
  @IsString()
  @MaxLength(60)
  stage?: string;

  @ApiPropertyOptional()
  @MayBeLeftOut()
  @IsString()
  @MinLength(1)
  @MaxLength(200)
  title?: string;

  @ApiPropertyOptional({
    type: Number,
    nullable: true,
    description: 'What it is worth, in the smallest unit of its currency',
  })
  @OrNull()
  @IsInt()
  @Min(0)
  @Max(mostUnits)
  units?: number | null;

  @ApiPropertyOptional({ description: 'ISO 4217' })
  @MayBeLeftOut()
  @IsIn(currencies, { message: 'must be a currency in use, such as EUR' })
  currency?: string;

  @ApiPropertyOptional({ type: String, nullable: true, description: 'A member of the site' })
  @OrNull()
  @IsString()
  @MaxLength(60)
  owner?: string | null;

  @ApiPropertyOptional({ type: String, nullable: true, description: 'A day, such as 2026-12-24' })
  @OrNull()
  @Matches(/^\d{4}-\d\d-\d\d$/, { message: 'must be a day, such as 2026-12-24' })
  @IsISO8601({ strict: true }, { message: 'must be a day that there is' })
  dueOn?: string | null;
}

export class NewLeadDto {
  @ApiProperty({ description: 'A person of the site' })
  @IsString()
  @MaxLength(60)
  person: string;

  @ApiProperty()
  @IsString()
  @MaxLength(60)
  stage: string;

  @ApiProperty()
  @IsString()
  @MinLength(1)
  @MaxLength(200)
  title: string;
}

export class StageDto {
  @ApiPropertyOptional({ description: 'Of a stage that there is; left out for a new one' })
  @MayBeLeftOut()
  @IsString()
  @MaxLength(60)
  id?: string;

  @ApiProperty()
  @IsString()
  @Matches(/\S/, { message: 'must not be empty' })
  @MaxLength(60)
  name: string;

  @ApiProperty({ enum: outcomes })
  @IsIn(outcomes)
  outcome: Outcome;
}

export class StagesDto {
  @ApiProperty({
    type: [StageDto],
    description: 'All stages, in their order; one that is left out is removed',
  })
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(20)
  @ValidateNested({ each: true })
  @Type(() => StageDto)
  stages: StageDto[];
}
