import { ApiProperty } from '@nestjs/swagger';
import { purposes, type Purpose } from '@sirene/core/library/starters';
import { IsIn, IsObject, IsString, Length } from 'class-validator';

export class KeepDto {
  @ApiProperty()
  @IsString()
  @Length(1, 120)
  name: string;

  @ApiProperty({ description: 'An element with all it holds: `{ root, elements }`' })
  @IsObject()
  branch: Record<string, unknown>;
}

export class KeepStarterDto {
  @ApiProperty({ description: 'The widget whose draft is kept' })
  @IsString()
  @Length(1, 60)
  widget: string;

  @ApiProperty({ enum: Object.keys(purposes) })
  @IsIn(Object.keys(purposes))
  purpose: Purpose;

  @ApiProperty({ description: 'One sentence: what it is for' })
  @IsString()
  @Length(1, 200)
  says: string;
}
