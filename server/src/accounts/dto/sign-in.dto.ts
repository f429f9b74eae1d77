import { ApiProperty, PickType } from '@nestjs/swagger';
import { IsString, MaxLength, MinLength } from 'class-validator';
import { NewAccountDto } from './account.dto.js';

export class SignInDto extends PickType(NewAccountDto, ['email']) {
  @ApiProperty()
  @IsString()
  @MinLength(1)
  @MaxLength(500)
  password: string;
}
