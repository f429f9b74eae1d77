import { ApiProperty } from '@nestjs/swagger';
import { IsString, Length } from 'class-validator';

export class UploadDto {
  @ApiProperty({ description: 'What the file is called' })
  @IsString()
  @Length(1, 200)
  name: string;
}
