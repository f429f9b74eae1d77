import { ApiProperty } from '@nestjs/swagger';
import { Equals } from 'class-validator';

export class RepeatFailedDto {
  @ApiProperty({ enum: [true], description: 'Said so that nobody repeats all of them by mistake' })
  @Equals(true)
  all: true;
}
