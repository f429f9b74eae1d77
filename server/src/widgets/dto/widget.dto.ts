import { kinds } from '@sirene/core/document/widget';
import type { Kind } from '@sirene/core/document/widget';
import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { IsIn, IsInt, IsObject, IsString, Length, Min } from 'class-validator';
import { MayBeLeftOut } from '../../shared/may-be-left-out.js';

export class CreateWidgetDto {
  @ApiProperty()
  @IsString()
  @Length(1, 120)
  name: string;

  @ApiPropertyOptional({ enum: kinds })
  @MayBeLeftOut()
  @IsIn(kinds)
  kind?: Kind;

  @ApiPropertyOptional({ description: 'A whole document, as /schema/widget.json describes it' })
  @MayBeLeftOut()
  @IsObject()
  document?: Record<string, unknown>;
}

export class CopyWidgetDto {
  @ApiProperty()
  @IsString()
  @Length(1, 120)
  name: string;

  @ApiPropertyOptional({ description: 'Another site of the user; its own where nothing is said' })
  @MayBeLeftOut()
  @IsString()
  @Length(1, 60)
  site?: string;
}

export class BaseDto {
  @ApiProperty({ description: 'The draft version the change starts from' })
  @IsInt()
  @Min(1)
  base: number;
}

export class SaveDraftDto extends BaseDto {
  @ApiProperty({ description: 'The whole document, as /schema/widget.json describes it' })
  @IsObject()
  document: Record<string, unknown>;
}
