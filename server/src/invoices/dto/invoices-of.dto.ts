import { ApiPropertyOptional } from '@nestjs/swagger';
import { IsString, MaxLength } from 'class-validator';
import { MayBeLeftOut } from '../../shared/may-be-left-out.js';

export class InvoicesOfDto {
  @ApiPropertyOptional({ description: 'Those of one person' })
  @MayBeLeftOut()
  @IsString()
  @MaxLength(60)
  person?: string;
}
