import { Controller, Get } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { Answers } from '../shared/answers.js';
import { CurrentSite, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { firstMember, MemberSink } from './member-sink.js';
import { testMembers } from './standins.answers.js';

/** The stand-in for member services, as the studio shows it. */
@ApiTags('stand-ins')
@SiteAccess('member')
@Controller('api/sites/:site/test-members')
export class TestMembersController {
  constructor(private readonly sink: MemberSink) {}

  @Answers(
    'The members whom the stand-in knows, the newest first, and the one who can be tried at once.',
    testMembers,
  )
  @Get()
  async list(@CurrentSite() site: SiteEntity) {
    const members = this.sink.url === null ? [] : await this.sink.membersOf(site.id);
    return {
      url: this.sink.url,
      first: { email: firstMember.email, password: firstMember.password },
      members: members.map(({ id, name, email, at }) => ({ id, name, email, at })),
    };
  }
}
