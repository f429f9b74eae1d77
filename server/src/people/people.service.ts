import { Injectable, NotFoundException } from '@nestjs/common';
import { DataSource, In, type SelectQueryBuilder } from 'typeorm';
import { DeliveryEntity } from '../actions/actions.entity.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { PaymentEntity } from '../payments/payments.entity.js';
import { holding } from '../shared/like.js';
import { cursorText, readCursor, type Cursor } from '../shared/cursor.js';
import type { FilterSubmissionsDto, ListSubmissionsDto } from './dto/list-submissions.dto.js';
import { PersonEntity, SubmissionEntity } from './people.entity.js';

/** Submissions read at a time for an export: a few ms of work. */
const exported = 200;

export interface SubmissionView {
  submission: SubmissionEntity;
  person: PersonEntity | null;
  deliveries: DeliveryEntity[];
  /** What was to be paid with it. */
  payment: PaymentEntity | null;
}

@Injectable()
export class PeopleService {
  constructor(private readonly dataSource: DataSource) {}

  /** A page of the list, and the cursor of the next where there is one. */
  async submissions(
    site: SiteEntity,
    { after, limit = 50, ...filter }: ListSubmissionsDto,
  ): Promise<{ views: SubmissionView[]; next: string | null }> {
    const found = await this.#page(site, filter, limit + 1, after === undefined ? null : readCursor(after));
    const page = found.slice(0, limit);
    const last = page.at(-1);
    const next = found.length > limit && last ? cursorText({ at: last.receivedAt, id: last.id }) : null;
    return { views: await this.#withRelated(site, page), next };
  }

  /** How many submissions match. */
  count(site: SiteEntity, filter: FilterSubmissionsDto): Promise<number> {
    return this.#matching(site, filter).getCount();
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
      const page: SubmissionEntity[] = await this.#page(site, filter, exported, after);
      if (page.length > 0) yield page;
      const last = page.at(-1);
      if (!last || page.length < exported) return;
      after = { at: last.receivedAt, id: last.id };
      await new Promise((turn) => setImmediate(turn));
    }
  }

  #page(
    site: SiteEntity,
    filter: FilterSubmissionsDto,
    limit: number,
    after: Cursor | null,
  ): Promise<SubmissionEntity[]> {
    const query = this.#matching(site, filter).take(limit);
    if (after)
      query.andWhere(
        '(submission.receivedAt < :at OR (submission.receivedAt = :at AND submission.id > :id))',
        after,
      );
    return query.getMany();
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

  #matching(
    site: SiteEntity,
    { words, widget, held }: FilterSubmissionsDto,
  ): SelectQueryBuilder<SubmissionEntity> {
    const query = this.dataSource
      .getRepository(SubmissionEntity)
      .createQueryBuilder('submission')
      .where('submission.siteId = :site', { site: site.id })
      .orderBy('submission.receivedAt', 'DESC')
      .addOrderBy('submission.id');
    query.andWhere(`submission.held IS ${held ? 'NOT ' : ''}NULL`);
    if (widget) query.andWhere('submission.widgetId = :widget', { widget });
    for (const [at, word] of (words ?? '').split(/\s+/).filter(Boolean).slice(0, 8).entries()) {
      const pattern = holding(word);
      query.andWhere(
        `(submission.page LIKE :word${at} ESCAPE '\\' OR submission.widgetName LIKE :word${at} ESCAPE '\\' OR EXISTS
          (SELECT 1 FROM json_each(submission.fields) WHERE json_each.value ->> 'value' LIKE :word${at} ESCAPE '\\'))`,
        { [`word${at}`]: pattern },
      );
    }
    return query;
  }

  async #withRelated(site: SiteEntity, submissions: SubmissionEntity[]): Promise<SubmissionView[]> {
    const people = submissions.flatMap(({ personId }) => (personId ? [personId] : []));
    const ids = submissions.map(({ id }) => id);
    const [persons, deliveries, payments] = await Promise.all([
      this.dataSource.getRepository(PersonEntity).findBy({ id: In(people) }),
      this.dataSource.getRepository(DeliveryEntity).findBy({ siteId: site.id, submissionId: In(ids) }),
      this.dataSource.getRepository(PaymentEntity).findBy({ siteId: site.id, submissionId: In(ids) }),
    ]);
    return submissions.map((submission) => ({
      submission,
      person: persons.find(({ id }) => id === submission.personId) ?? null,
      deliveries: deliveries.filter(({ submissionId }) => submissionId === submission.id),
      payment: payments.find(({ submissionId }) => submissionId === submission.id) ?? null,
    }));
  }
}
