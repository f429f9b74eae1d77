import { ApiPropertyOptional } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import { IsInt, IsOptional, IsString, Max, MaxLength, Min } from 'class-validator';

export class FilterSubmissionsDto {
  @ApiPropertyOptional({ description: 'Words to look for in what was sent, and on which page' })
  @IsOptional()
  @IsString()
  @MaxLength(200)
  words?: string;

  @ApiPropertyOptional({ description: 'Only of this widget' })
  @IsOptional()
  @IsString()
  @MaxLength(60)
  widget?: string;
}

export class ListSubmissionsDto extends FilterSubmissionsDto {
  @ApiPropertyOptional({ description: 'Only those received before this moment, ms since the epoch' })
  @IsOptional()
  @Type(() => Number)
  @IsInt()
  @Min(0)
  before?: number;

  @ApiPropertyOptional({ default: 50 })
  @IsOptional()
  @Type(() => Number)
  @IsInt()
  @Min(1)
  @Max(200)
  limit?: number;
}
