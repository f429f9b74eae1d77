import { ApiProperty } from '@nestjs/swagger';
import { IsBoolean, IsIn, IsInt, IsString, Length, Max, Min } from 'class-validator';

export class MemberChatDto {
  @ApiProperty({ description: 'Whether members may write to each other' })
  @IsBoolean()
  isOn: boolean;
}

/** What the desk can do about a report. */
export const moderations = ['settle', 'remove', 'bar', 'admit'] as const;

export class ModerateDto {
  @ApiProperty({
    enum: moderations,
    description:
      'Settles the report, removes a message, keeps the member it is about from writing, or lets them again',
  })
  @IsIn(moderations)
  what: (typeof moderations)[number];

  @ApiProperty({ description: 'The message that is removed; 0 for anything else' })
  @IsInt()
  @Min(0)
  @Max(10_000_000)
  seq: number;

  @ApiProperty()
  @IsString()
  @Length(1, 60)
  report: string;
}
