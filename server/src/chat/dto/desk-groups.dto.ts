import { ApiProperty } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import { ArrayMaxSize, IsArray, IsString, Length, Matches, ValidateNested } from 'class-validator';

class DeskGroupDto {
  @ApiProperty({ description: 'Of the studio’s own making: 32 hexadecimal digits' })
  @Matches(/^[0-9a-f]{32}$/, { message: 'must be 32 hexadecimal digits' })
  id: string;

  @ApiProperty()
  @IsString()
  @Length(1, 60)
  name: string;

  @ApiProperty({ type: [String], description: 'Members of the site, by their ids' })
  @IsArray()
  @ArrayMaxSize(200)
  @IsString({ each: true })
  members: string[];
}

export class DeskGroupsDto {
  @ApiProperty({ type: [DeskGroupDto] })
  @IsArray()
  @ArrayMaxSize(30)
  @ValidateNested({ each: true })
  @Type(() => DeskGroupDto)
  groups: DeskGroupDto[];
}
