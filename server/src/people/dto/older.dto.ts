import { ApiProperty } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import { IsInt, Max, Min } from 'class-validator';

export class OlderDto {
  @ApiProperty({ description: 'Days that submissions would be kept' })
  @Type(() => Number)
  @IsInt()
  @Min(1)
  @Max(3650)
  days: number;
}
