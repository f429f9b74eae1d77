import { ApiProperty } from '@nestjs/swagger';
import { IsUrl, MaxLength } from 'class-validator';

export class MakeTryDto {
  /** The page on which the drafts are to be tried. */
  @ApiProperty()
  @IsUrl(
    { protocols: ['http', 'https'], require_protocol: true, require_tld: false },
    { message: 'must be the address of a page, such as https://www.place.example/shop' },
  )
  @MaxLength(2000)
  address: string;
}
