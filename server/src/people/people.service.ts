import { Injectable, NotFoundException } from '@nestjs/common';
import { DataSource, In, type SelectQueryBuilder } from 'typeorm';
import { DeliveryEntity } from '../actions/actions.entity.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import type { FilterSubmissionsDto, ListSubmissionsDto } from './dto/list-submissions.dto.js';
import { PersonEntity, SubmissionEntity } from './people.entity.js';

export interface SubmissionView {
  submission: SubmissionEntity;
  person: PersonEntity | null;
  deliveries: DeliveryEntity[];
}

@Injectable()
export class PeopleService {
  constructor(private readonly dataSource: DataSource) {}

  async submissions(
    site: SiteEntity,
    { before, limit = 50, ...filter }: ListSubmissionsDto,
  ): Promise<SubmissionView[]> {
    const query = this.#matching(site, filter).take(limit);
    if (before !== undefined) query.andWhere('submission.receivedAt < :before', { before });
    return this.#withRelated(site, await query.getMany());
  }

  count(site: SiteEntity, filter: FilterSubmissionsDto): Promise<number> {
    return this.#matching(site, filter).getCount();
  }

  /** Every submission that matches, newest first. */
  all(site: SiteEntity, filter: FilterSubmissionsDto): Promise<SubmissionEntity[]> {
    return this.#matching(site, filter).getMany();
  }

  async submission(site: SiteEntity, id: string): Promise<SubmissionView> {
    const submission = await this.dataSource
      .getRepository(SubmissionEntity)
      .findOneBy({ siteId: site.id, id });
    if (!submission) throw new NotFoundException('There is no such submission.');
    const [view] = await this.#withRelated(site, [submission]);
    return view as SubmissionView;
  }

  #matching(site: SiteEntity, { words, widget }: FilterSubmissionsDto): SelectQueryBuilder<SubmissionEntity> {
    const query = this.dataSource
      .getRepository(SubmissionEntity)
      .createQueryBuilder('submission')
      .where('submission.siteId = :site', { site: site.id })
      .orderBy('submission.receivedAt', 'DESC')
      .addOrderBy('submission.id');
    if (widget) query.andWhere('submission.widgetId = :widget', { widget });
    for (const [at, word] of (words ?? '').split(/\s+/).filter(Boolean).slice(0, 8).entries()) {
      const pattern = `%${word.replace(/[\\%_]/g, '\\$&')}%`;
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
    const [persons, deliveries] = await Promise.all([
      this.dataSource.getRepository(PersonEntity).findBy({ id: In(people) }),
      this.dataSource
        .getRepository(DeliveryEntity)
        .findBy({ siteId: site.id, submissionId: In(submissions.map(({ id }) => id)) }),
    ]);
    return submissions.map((submission) => ({
      submission,
      person: persons.find(({ id }) => id === submission.personId) ?? null,
      deliveries: deliveries.filter(({ submissionId }) => submissionId === submission.id),
    }));
  }
}
