import { ApiProperty } from '@nestjs/swagger';
import { IsObject, IsString, Length } from 'class-validator';

export class KeepDto {
  @ApiProperty()
  @IsString()
  @Length(1, 120)
  name: string;

  @ApiProperty({ description: 'An element with all it holds: `{ root, elements }`' })
  @IsObject()
  branch: Record<string, unknown>;
}
