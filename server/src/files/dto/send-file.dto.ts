import { ApiProperty } from '@nestjs/swagger';
import { IsString, Length, Matches, MaxLength } from 'class-validator';

export class SendFileDto {
  @ApiProperty()
  @IsString()
  @Length(1, 60)
  widget: string;

  @ApiProperty({ description: 'Path of the body that the visitor sees: its rules are the ones that count' })
  @Matches(/^\/b\/[0-9a-f]{32}\.json$/, { message: 'must be the path of a body' })
  body: string;

  @ApiProperty({ description: 'The form element of the widget' })
  @Matches(/^[a-z][a-z0-9]{0,19}$/, { message: 'must be the id of a form element' })
  form: string;

  @ApiProperty({ description: 'The field name' })
  @IsString()
  @Length(1, 60)
  field: string;

  @ApiProperty({ description: 'What the file is called where it comes from' })
  @IsString()
  @MaxLength(1000)
  name: string;
}
