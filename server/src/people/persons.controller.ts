import { Body, Controller, Delete, Get, Header, HttpCode, Param, Patch, Post, Query } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import type { UserEntity } from '../accounts/accounts.entity.js';
import { CurrentUser } from '../accounts/session.guard.js';
import { Type } from '@sinclair/typebox';
import { Answers, AnswersFile, AnswersNothing } from '../shared/answers.js';
import { CurrentSite, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { ChangePersonDto, ListPersonsDto, MergeDto, NewNoteDto } from './dto/persons.dto.js';
import { personList, toldOfPerson, toldOfWhole, wholePerson } from './persons.answers.js';
import { MergeService } from './merge.service.js';
import { PersonsService } from './persons.service.js';

/** The people of a site. */
@ApiTags('people')
@SiteAccess('member')
@Controller('api/sites/:site/persons')
export class PersonsController {
  constructor(
    private readonly persons: PersonsService,
    private readonly merges: MergeService,
  ) {}

  @Answers('The people of a site, those heard of last first, a page at a time.', personList)
  @Get()
  async list(@CurrentSite() site: SiteEntity, @Query() filter: ListPersonsDto) {
    const [{ persons, ...page }, tags] = await Promise.all([
      this.persons.page(site, filter),
      this.persons.tags(site),
    ]);
    return { ...page, tags, persons: persons.map(toldOfPerson) };
  }

  @Answers('One person, with all that is known of them.', wholePerson)
  @Get(':person')
  async read(@CurrentSite() site: SiteEntity, @Param('person') id: string) {
    return toldOfWhole(await this.persons.whole(site, id));
  }

  @AnswersFile('All that is kept of a person.', 'application/json', Type.Object({}))
  @Get(':person/export.json')
  @Header('content-disposition', 'attachment; filename="person.json"')
  async everything(@CurrentSite() site: SiteEntity, @Param('person') id: string) {
    return this.persons.everything(site, id);
  }

  @Answers('Changes the name or the tags of a person.', wholePerson)
  @Patch(':person')
  async change(@CurrentSite() site: SiteEntity, @Param('person') id: string, @Body() body: ChangePersonDto) {
    await this.persons.change(site, id, body);
    return this.read(site, id);
  }

  @AnswersNothing('Erases a person, with all that they sent and all that followed.')
  @SiteAccess('owner')
  @Delete(':person')
  @HttpCode(204)
  async erase(@CurrentSite() site: SiteEntity, @Param('person') id: string) {
    await this.persons.erase(site, id);
  }

  @Answers('Brings another person into this one: they are the same from then on.', wholePerson)
  @Post(':person/merges')
  async merge(
    @CurrentSite() site: SiteEntity,
    @CurrentUser() user: UserEntity,
    @Param('person') id: string,
    @Body() { other }: MergeDto,
  ) {
    await this.merges.merge(site, id, other, user.id);
    return this.read(site, id);
  }

  @Answers('Takes two persons apart again who were brought together.', wholePerson)
  @Delete(':person/merges/:merge')
  async part(@CurrentSite() site: SiteEntity, @Param('person') id: string, @Param('merge') merge: string) {
    await this.merges.undo(site, id, merge);
    return this.read(site, id);
  }

  @Answers('Writes something down about a person.', wholePerson)
  @Post(':person/notes')
  async note(
    @CurrentSite() site: SiteEntity,
    @CurrentUser() user: UserEntity,
    @Param('person') id: string,
    @Body() { text }: NewNoteDto,
  ) {
    await this.persons.note(site, id, text, user.id);
    return this.read(site, id);
  }

  @AnswersNothing('Takes a note away.')
  @Delete(':person/notes/:note')
  @HttpCode(204)
  async removeNote(
    @CurrentSite() site: SiteEntity,
    @Param('person') id: string,
    @Param('note') note: string,
  ) {
    await this.persons.removeNote(site, id, note);
  }
}
