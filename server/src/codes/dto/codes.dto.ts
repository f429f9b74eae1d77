import { ApiProperty } from '@nestjs/swagger';
import { ArrayMaxSize, ArrayMinSize, IsString, Length, Matches } from 'class-validator';
import { MayBeLeftOut } from '../../shared/may-be-left-out.js';

const poolName = /^[\w -]{1,40}$/;

/** Codes that come into a pool; it is made with the first. */
export class AddCodesDto {
  @ApiProperty()
  @Matches(poolName, { message: 'must be 1 to 40 letters, digits, spaces, - or _' })
  pool: string;

  @ApiProperty({ description: 'Those that the pool has already are left as they are.' })
  @ArrayMinSize(1)
  @ArrayMaxSize(5000)
  @IsString({ each: true })
  @Matches(/^\S(.{0,78}\S)?$/u, { each: true, message: 'each must be 1 to 80 characters on one line' })
  codes: string[];
}

/** A visitor's own countdown begins. */
export class StartDto {
  @ApiProperty()
  @IsString()
  @Length(1, 60)
  widget: string;

  @ApiProperty({ description: 'The element of the widget: the countdown, or the code' })
  @Matches(/^[a-z][a-z0-9]{0,19}$/, { message: 'must be the id of an element' })
  element: string;
}

/** A visitor asks for a code. */
export class AskCodeDto extends StartDto {
  @ApiProperty({ description: 'Made by the page at random, and the same for as long as its storage lasts' })
  @Matches(/^[0-9a-f]{32}$/, { message: 'must be 32 hexadecimal digits' })
  visitor: string;

  @ApiProperty({ required: false, description: 'The signed start of the countdown that the code hangs on' })
  @MayBeLeftOut()
  @IsString()
  @Length(1, 400)
  start?: string;
}
