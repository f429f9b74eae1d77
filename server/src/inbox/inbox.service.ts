import {
  BadRequestException,
  ConflictException,
  Inject,
  Injectable,
  NotFoundException,
} from '@nestjs/common';
import { DataSource } from 'typeorm';
import { MemberEntity, type UserEntity } from '../accounts/accounts.entity.js';
import { writeDeliveries } from '../actions/write-deliveries.js';
import { CLOCK, type ServerClock } from '../config.js';
import { GroupWriter } from '../database/group-writer.js';
import { statement } from '../database/statements.js';
import { PersonEntity, SubmissionEntity } from '../people/people.entity.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import type { AnswerDto, ChangeSubmissionsDto } from './dto/inbox.dto.js';

/** Work on what was sent: reading it, taking it on, answering it. */
@Injectable()
export class InboxService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly groups: GroupWriter,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /** Says of submissions that they have been read or not, or who takes them on. Returns how many of them there are. */
  async change(site: SiteEntity, { submissions, read, assignee }: ChangeSubmissionsDto): Promise<number> {
    if (read === undefined && assignee === undefined)
      throw new BadRequestException('Say what is to change: whether they are read, or who takes them on.');
    if (assignee) await this.#refuseStranger(site, assignee);
    const now = this.clock.now();
    return this.groups.add((database) => {
      let changed = 0;
      for (const id of submissions)
        changed += statement(
          database,
          `UPDATE submission SET readAt = CASE ? WHEN 1 THEN coalesce(readAt, ?) WHEN 0 THEN NULL ELSE readAt END,
             assigneeId = CASE ? WHEN 1 THEN ? ELSE assigneeId END
           WHERE siteId = ? AND id = ?`,
        ).run(
          ...[read === undefined ? null : Number(read), now],
          ...[Number(assignee !== undefined), assignee ?? null],
          ...[site.id, id],
        ).changes;
      return changed;
    });
  }

  /** Answers whoever sent a submission by mail, through the outbox. Refuses where they have left no address. */
  async answer(site: SiteEntity, id: string, { subject, text }: AnswerDto, user: UserEntity): Promise<void> {
    const submission = await this.dataSource
      .getRepository(SubmissionEntity)
      .findOneBy({ siteId: site.id, id });
    if (!submission) throw new NotFoundException('There is no such submission.');
    if (submission.held)
      throw new ConflictException('It is held back as spam: let it through before you answer it.');
    const { personId } = submission;
    const person = personId
      ? await this.dataSource.getRepository(PersonEntity).findOneBy({ id: personId })
      : null;
    if (!person?.email) throw new ConflictException('Whoever sent it has left no e-mail address.');
    const settings = { subject, text, replyTo: user.email, by: user.name };
    const now = this.clock.now();
    await this.groups.add((database) => {
      writeDeliveries(
        database,
        { siteId: site.id, submissionId: id },
        [{ type: 'reply', target: person.email, settings }],
        now,
      );
      statement(
        database,
        'UPDATE submission SET readAt = coalesce(readAt, ?) WHERE siteId = ? AND id = ?',
      ).run(now, site.id, id);
    });
  }

  async #refuseStranger(site: SiteEntity, userId: string): Promise<void> {
    const isMember = await this.dataSource.getRepository(MemberEntity).existsBy({ siteId: site.id, userId });
    if (!isMember) throw new NotFoundException('There is no such member of the site.');
  }
}
