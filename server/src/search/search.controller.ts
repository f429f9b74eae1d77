import { Controller, Get, Query } from '@nestjs/common';
import { ApiProperty, ApiTags } from '@nestjs/swagger';
import { Type } from '@sinclair/typebox';
import { IsString, MaxLength } from 'class-validator';
import { answer, Answers, oneOf } from '../shared/answers.js';
import { CurrentSite, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { searchKinds } from './search-words.js';
import { SearchService } from './search.service.js';

class SearchDto {
  @ApiProperty({ description: 'Words that each have to be there, or a longer one that begins so' })
  @IsString()
  @MaxLength(200)
  words: string;
}

const searchHits = answer('SearchHits', {
  hits: Type.Array(
    Type.Object(
      {
        kind: oneOf(searchKinds),
        id: Type.String(),
        target: Type.String({
          description: 'What it opens: a submission, an invoice, or the person of any other.',
        }),
        title: Type.String(),
        pieces: Type.Array(
          Type.Object({ text: Type.String(), isFound: Type.Boolean() }, { additionalProperties: false }),
          { description: 'Its text around what was found.' },
        ),
        at: Type.Integer(),
      },
      { additionalProperties: false },
    ),
    { description: 'By kind, the newest of each first; eight of each at most.' },
  ),
});

@ApiTags('people')
@SiteAccess('member')
@Controller('api/sites/:site/search')
export class SearchController {
  constructor(private readonly search: SearchService) {}

  @Answers('Looks for words in submissions, persons, notes, leads and invoices.', searchHits)
  @Get()
  async find(@CurrentSite() site: SiteEntity, @Query() { words }: SearchDto) {
    return { hits: await this.search.find(site, words) };
  }
}
