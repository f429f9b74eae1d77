import { NotFoundException } from '@nestjs/common';
import type { DataSource } from 'typeorm';
import type { SiteEntity } from '../sites/sites.entity.js';
import { PersonEntity } from './people.entity.js';

/** A person of a site by their id. Refuses one that is not there. */
export async function findPerson(
  dataSource: DataSource,
  site: SiteEntity,
  id: string,
): Promise<PersonEntity> {
  const person = await dataSource.getRepository(PersonEntity).findOneBy({ id, siteId: site.id });
  if (!person) throw new NotFoundException('There is no such person.');
  return person;
}
