import { Injectable, NotFoundException } from '@nestjs/common';
import { DataSource, In } from 'typeorm';
import { UserEntity } from '../accounts/accounts.entity.js';
import { DeliveryEntity } from '../actions/actions.entity.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { PaymentEntity } from '../payments/payments.entity.js';
import type { Reach } from '../search/search-words.js';
import { IndexerService } from '../search/indexer.service.js';
import { cursorText, readCursor, type Cursor } from '../shared/cursor.js';
import type { FilterSubmissionsDto, ListSubmissionsDto } from './dto/list-submissions.dto.js';
import { PersonEntity, SubmissionEntity } from './people.entity.js';
import { countOf, idsOf } from './submission-query.js';

/** Submissions read at a time for an export: a few ms of work. */
const exported = 200;

export interface SubmissionView {
  submission: SubmissionEntity;
  person: PersonEntity | null;
  deliveries: DeliveryEntity[];
  /** What was to be paid with it. */
  payment: PaymentEntity | null;
  /** Who of the site has taken it on. */
  assignee: UserEntity | null;
}

/** How many there are; or how many at least, where there are more than are counted. */
export interface Counted {
  total: number;
  isMore: boolean;
}

@Injectable()
export class PeopleService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly indexer: IndexerService,
  ) {}

  /** A page of the list, and the cursor of the next where there is one. */
  async submissions(
    site: SiteEntity,
    { after, limit = 50, ...filter }: ListSubmissionsDto,
  ): Promise<{ views: SubmissionView[]; next: string | null }> {
    if (filter.words) await this.indexer.catchUp();
    const from = after === undefined ? null : readCursor(after);
    const whole = await this.#page(site, filter, limit + 1, from, 'whole');
    const isShort = filter.words && whole.length <= limit;
    const found = isShort ? await this.#page(site, filter, limit + 1, from, 'beginning') : whole;
    const page = found.slice(0, limit);
    const last = page.at(-1);
    const next = found.length > limit && last ? cursorText({ at: last.receivedAt, id: last.id }) : null;
    return { views: await this.#withRelated(site, page), next };
  }

  /** How many submissions match, as far as they are counted. */
  async count(site: SiteEntity, filter: FilterSubmissionsDto): Promise<Counted> {
    const whole = await this.#count(site, filter, 'whole');
    return whole.isMore || !filter.words ? whole : this.#count(site, filter, 'beginning');
  }

  async #count(site: SiteEntity, filter: FilterSubmissionsDto, reach: Reach): Promise<Counted> {
    const { sql, values, most } = countOf(site, filter, reach);
    const [row] = await this.dataSource.query<{ total: number }[]>(sql, values);
    const total = row?.total ?? 0;
    return { total: Math.min(total, most), isMore: total > most };
  }

  /** How many deliveries have failed for good. */
  failed(site: SiteEntity): Promise<number> {
    return this.dataSource.getRepository(DeliveryEntity).countBy({ siteId: site.id, state: 'failed' });
  }

  /**
   * Every submission that matches, newest first, some at a time. Between two pages everyone else has their turn: an
   * export of many thousands must not hold up visitors.
   */
  async *pages(site: SiteEntity, filter: FilterSubmissionsDto): AsyncGenerator<SubmissionEntity[]> {
    let after: Cursor | null = null;
    for (;;) {
      const page: SubmissionEntity[] = await this.#page(site, filter, exported, after, 'beginning');
      if (page.length > 0) yield page;
      const last = page.at(-1);
      if (!last || page.length < exported) return;
      after = { at: last.receivedAt, id: last.id };
      await new Promise((turn) => setImmediate(turn));
    }
  }

  async #page(
    site: SiteEntity,
    filter: FilterSubmissionsDto,
    limit: number,
    after: Cursor | null,
    reach: Reach,
  ): Promise<SubmissionEntity[]> {
    const { sql, values } = idsOf(site, filter, limit, after, reach);
    const rows = await this.dataSource.query<{ id: string }[]>(sql, values);
    const ids = rows.map(({ id }) => id);
    const found = await this.dataSource
      .getRepository(SubmissionEntity)
      .findBy({ siteId: site.id, id: In(ids) });
    const byId = new Map(found.map((one) => [one.id, one]));
    return ids.flatMap((id) => byId.get(id) ?? []);
  }

  /** One submission with who sent it and what follows. Refuses one that is not there. */
  async submission(site: SiteEntity, id: string): Promise<SubmissionView> {
    const submission = await this.dataSource
      .getRepository(SubmissionEntity)
      .findOneBy({ siteId: site.id, id });
    if (!submission) throw new NotFoundException('There is no such submission.');
    const [view] = await this.#withRelated(site, [submission]);
    return view as SubmissionView;
  }

  async #withRelated(site: SiteEntity, submissions: SubmissionEntity[]): Promise<SubmissionView[]> {
    const people = submissions.flatMap(({ personId }) => (personId ? [personId] : []));
    const ids = submissions.map(({ id }) => id);
    const assignees = submissions.flatMap(({ assigneeId }) => (assigneeId ? [assigneeId] : []));
    const [persons, deliveries, payments, users] = await Promise.all([
      this.dataSource.getRepository(PersonEntity).findBy({ id: In(people) }),
      this.dataSource.getRepository(DeliveryEntity).findBy({ siteId: site.id, submissionId: In(ids) }),
      this.dataSource.getRepository(PaymentEntity).findBy({ siteId: site.id, submissionId: In(ids) }),
      this.dataSource.getRepository(UserEntity).findBy({ id: In(assignees) }),
    ]);
    return submissions.map((submission) => ({
      submission,
      person: persons.find(({ id }) => id === submission.personId) ?? null,
      deliveries: deliveries.filter(({ submissionId }) => submissionId === submission.id),
      payment: payments.find(({ submissionId }) => submissionId === submission.id) ?? null,
      assignee: users.find(({ id }) => id === submission.assigneeId) ?? null,
    }));
  }
}
