import { ApiProperty } from '@nestjs/swagger';
import { IsString, IsUrl, Length, MaxLength } from 'class-validator';

export class FetchPageDto {
  @ApiProperty({
    description: 'Full address of a page of the site; it is fetched, and a still copy of it kept',
  })
  @IsString()
  @MaxLength(2048)
  address: string;
}

export class StorePageDto {
  @ApiProperty({ description: 'The page’s full address; relative addresses in it are read from there' })
  @IsUrl({ protocols: ['http', 'https'], require_protocol: true, require_tld: false })
  @MaxLength(2048)
  address: string;

  @ApiProperty()
  @IsString()
  @Length(1, 300)
  title: string;

  @ApiProperty()
  @IsString()
  @Length(1, 900_000)
  html: string;
}
