import { ApiProperty } from '@nestjs/swagger';
import { IsIn } from 'class-validator';
import { hookBehaviours, type HookBehaviour } from '../hook-sink.js';

export class BehaveDto {
  @ApiProperty({ enum: hookBehaviours })
  @IsIn(hookBehaviours)
  behaviour: HookBehaviour;
}
