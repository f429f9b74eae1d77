import { ApiProperty } from '@nestjs/swagger';
import { IsInt } from 'class-validator';

export class RotateDto {
  @ApiProperty({
    description: '`createdAt` of the key that is to be replaced: pressed twice, it is replaced once',
  })
  @IsInt()
  since: number;
}
