import { longestMessage } from '@sirene/core/chat';
import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import {
  IsBoolean,
  IsInt,
  IsObject,
  IsString,
  Length,
  Matches,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import { MayBeLeftOut } from '../../shared/may-be-left-out.js';

/** The longest id of a member. */
const longestId = 200;

class MemberDto {
  @ApiProperty({ description: 'A token that the site’s own server signed: who the member is (JWT)' })
  @IsString()
  @Length(1, 4000)
  identity: string;
}

export class FollowMembersDto extends MemberDto {
  @ApiPropertyOptional({ description: 'Whose thread is open' })
  @MayBeLeftOut()
  @IsString()
  @Length(1, longestId)
  other?: string;

  @ApiProperty({ description: 'The last message of it that is known; 0 where none is' })
  @IsInt()
  @Min(0)
  @Max(10_000_000)
  after: number;

  @ApiProperty({ description: 'Whether it is answered only once there is something to tell' })
  @IsBoolean()
  wait: boolean;

  @ApiPropertyOptional({ description: 'The mark of the last answer' })
  @MayBeLeftOut()
  @IsString()
  @MaxLength(40)
  mark?: string;

  @ApiPropertyOptional({ description: 'The last message of the open thread that was looked at' })
  @MayBeLeftOut()
  @IsInt()
  @Min(0)
  @Max(10_000_000)
  seen?: number;
}

class MemberMessageDto {
  @ApiProperty({ description: 'Of the writer’s own making: sent again with the same, it is stored once' })
  @Matches(/^[0-9a-f]{32}$/, { message: 'must be 32 hexadecimal digits' })
  id: string;

  @ApiProperty()
  @IsString()
  @Length(1, longestMessage)
  text: string;
}

export class SayToMemberDto extends MemberDto {
  @ApiProperty({ description: 'To whom' })
  @IsString()
  @Length(1, longestId)
  to: string;

  @ApiProperty({ type: MemberMessageDto })
  @IsObject()
  @ValidateNested()
  @Type(() => MemberMessageDto)
  message: MemberMessageDto;
}

export class FindMembersDto extends MemberDto {
  @ApiProperty({ description: 'Part of a name; everybody where it is empty' })
  @IsString()
  @MaxLength(100)
  words: string;
}

export class BlockMemberDto extends MemberDto {
  @ApiProperty()
  @IsString()
  @Length(1, longestId)
  other: string;

  @ApiProperty()
  @IsBoolean()
  isBlocked: boolean;
}

export class ReportMemberDto extends MemberDto {
  @ApiProperty()
  @IsString()
  @Length(1, longestId)
  other: string;

  @ApiProperty({ description: 'What is wrong, in words for the desk' })
  @IsString()
  @Length(1, 500)
  reason: string;
}
