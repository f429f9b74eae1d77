import { ApiPropertyOptional } from '@nestjs/swagger';
import { IsIn } from 'class-validator';
import { MayBeLeftOut } from '../../shared/may-be-left-out.js';

export class AloneScriptDto {
  @ApiPropertyOptional({ enum: ['true'], description: 'Whether the window’s name counts for nothing' })
  @MayBeLeftOut()
  @IsIn(['true'])
  fresh?: 'true';
}
