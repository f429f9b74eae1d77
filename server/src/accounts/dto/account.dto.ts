import { ApiProperty, PickType } from '@nestjs/swagger';
import { Transform } from 'class-transformer';
import { IsEmail, IsString, Length, MaxLength, MinLength } from 'class-validator';

/** The least a new password has, characters (NIST SP 800-63B asks for 8 at least, without further rules). */
const leastPassword = 10;

const trimmed = () =>
  Transform(({ value }: { value: unknown }) => (typeof value === 'string' ? value.trim() : value));

export class NewAccountDto {
  @ApiProperty()
  @trimmed()
  @IsString()
  @Length(1, 120)
  name: string;

  @ApiProperty()
  @IsEmail()
  @MaxLength(254)
  email: string;

  @ApiProperty()
  @IsString()
  @MinLength(leastPassword, { message: `must have at least ${leastPassword} characters` })
  @MaxLength(500)
  password: string;
}

export class SetUpDto extends NewAccountDto {
  /** The one-time code that the server printed. */
  @ApiProperty()
  @IsString()
  @Length(1, 40)
  code: string;
}

export class AskResetDto extends PickType(NewAccountDto, ['email']) {}

export class ResetDto extends PickType(NewAccountDto, ['password']) {}

export class ChangePasswordDto extends PickType(NewAccountDto, ['password']) {
  @ApiProperty()
  @IsString()
  @MaxLength(500)
  current: string;
}

export class RenameDto extends PickType(NewAccountDto, ['name']) {}
