import {
  BadRequestException,
  ConflictException,
  Inject,
  Injectable,
  NotFoundException,
} from '@nestjs/common';
import type { Database } from 'better-sqlite3';
import { DataSource, In } from 'typeorm';
import { MemberEntity, UserEntity } from '../accounts/accounts.entity.js';
import { CLOCK, type ServerClock } from '../config.js';
import { GroupWriter } from '../database/group-writer.js';
import { statement } from '../database/statements.js';
import { findPerson } from '../people/find-person.js';
import { PersonEntity } from '../people/people.entity.js';
import { newId } from '../shared/ids.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import type { ChangeLeadDto, NewLeadDto, StageDto } from './dto/leads.dto.js';
import { LeadEntity, type LeadStageEntity } from './leads.entity.js';
import { stageByName, stagesOf } from './stages.js';

/** Most leads of a board. */
const most = 1000;

/** What a submission makes a lead of. */
export interface MadeLead {
  siteId: string;
  personId: string;
  stage: string;
  title: string;
  units: number | null;
  currency: string;
  submissionId: string;
  deliveryId: string;
}

const insertLead = `INSERT INTO lead
    (id, siteId, personId, stageId, title, units, currency, submissionId, deliveryId, createdAt, movedAt)
  VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?) ON CONFLICT DO NOTHING`;

/** Leads: the people of a site on their way to a sale. */
@Injectable()
export class LeadsService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly groups: GroupWriter,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /** Makes a lead for a delivery; tried again, it makes no other. */
  make({
    siteId,
    personId,
    stage,
    title,
    units,
    currency,
    submissionId,
    deliveryId,
  }: MadeLead): Promise<void> {
    return this.groups.add((database) => {
      const to = stageByName(database, siteId, stage);
      const [id, now] = [newId('lead'), this.clock.now()];
      const { changes } = statement(database, insertLead).run(
        ...[id, siteId, personId, to.id, title, units, currency, submissionId, deliveryId, now, now],
      );
      if (changes > 0) noteStage(database, id, to.name, null, now);
    });
  }

  /** The board of a site: its stages, and their leads, those that moved last first. */
  async board(site: SiteEntity) {
    const stages = await this.groups.add((database) => stagesOf(database, site.id));
    const leads = await this.dataSource
      .getRepository(LeadEntity)
      .find({ where: { siteId: site.id }, order: { movedAt: 'DESC', id: 'ASC' }, take: most });
    const [people, members] = await Promise.all([
      this.dataSource.getRepository(PersonEntity).findBy({ id: In(leads.map(({ personId }) => personId)) }),
      this.#members(site),
    ]);
    const byId = new Map(people.map((person) => [person.id, person]));
    return {
      stages,
      members,
      leads: leads.map((lead) => ({ lead, person: byId.get(lead.personId) as PersonEntity })),
    };
  }

  /** Makes a lead of a person by hand. */
  async create(site: SiteEntity, { person, stage, title }: NewLeadDto, userId: string): Promise<LeadEntity> {
    await findPerson(this.dataSource, site, person);
    return this.groups.add((database) => {
      const to = this.#stage(database, site, stage);
      const [id, now] = [newId('lead'), this.clock.now()];
      statement(database, insertLead).run(
        ...[id, site.id, person, to.id, title, null, 'EUR', null, null, now, now],
      );
      noteStage(database, id, to.name, userId, now);
      return oneOf(database, site, id);
    });
  }

  /** Changes what is said of a lead; what is not said stays. */
  async change(site: SiteEntity, id: string, change: ChangeLeadDto, userId: string): Promise<LeadEntity> {
    const { owner, stage, title, units, currency, dueOn } = change;
    if (owner && !(await this.#members(site)).some((member) => member.id === owner))
      throw new BadRequestException('owner must be a member of the site.');
    return this.groups.add((database) => {
      const before = oneOf(database, site, id);
      const to = stage === undefined ? undefined : this.#stage(database, site, stage);
      const moves = to !== undefined && to.id !== before.stageId;
      const now = this.clock.now();
      const next = {
        stageId: to?.id ?? before.stageId,
        title: title ?? before.title,
        units: units === undefined ? before.units : units,
        currency: currency ?? before.currency,
        ownerId: owner === undefined ? before.ownerId : owner,
        dueOn: dueOn === undefined ? before.dueOn : dueOn,
        movedAt: moves ? now : before.movedAt,
      };
      statement(
        database,
        'UPDATE lead SET stageId = ?, title = ?, units = ?, currency = ?, ownerId = ?, dueOn = ?, movedAt = ? WHERE id = ?',
      ).run(...Object.values(next), id);
      if (moves) noteStage(database, id, to.name, userId, now);
      return { ...before, ...next };
    });
  }

  /** Removes a lead; the person stays. */
  remove(site: SiteEntity, id: string): Promise<void> {
    return this.groups.add((database) => {
      oneOf(database, site, id);
      statement(database, 'DELETE FROM lead WHERE id = ?').run(id);
    });
  }

  /** Gives a site these stages, in this order. One that holds leads can't be left out. */
  setStages(site: SiteEntity, stages: readonly StageDto[]): Promise<LeadStageEntity[]> {
    return this.groups.add((database) => {
      const known = stagesOf(database, site.id);
      refuseOddStages(stages, known);
      const kept = new Set(stages.map(({ id }) => id));
      for (const { id, name } of known.filter((stage) => !kept.has(stage.id))) {
        const { leads } = statement(database, 'SELECT count(*) AS leads FROM lead WHERE stageId = ?').get(
          id,
        ) as { leads: number };
        if (leads > 0)
          throw new ConflictException(`“${name}” holds ${leads} leads. Move them to another stage first.`);
        statement(database, 'DELETE FROM lead_stage WHERE id = ?').run(id);
      }
      // Two that swap their names would meet half-way.
      for (const { id } of known)
        statement(database, "UPDATE lead_stage SET name = '~' || id WHERE id = ?").run(id);
      for (const [position, { id, name, outcome }] of stages.entries())
        statement(
          database,
          `INSERT INTO lead_stage (id, siteId, name, position, outcome) VALUES (?, ?, ?, ?, ?)
           ON CONFLICT (id) DO UPDATE SET name = excluded.name, position = excluded.position, outcome = excluded.outcome`,
        ).run(id ?? newId('stage'), site.id, name.trim(), position, outcome);
      return stagesOf(database, site.id);
    });
  }

  async #members(site: SiteEntity): Promise<{ id: string; name: string }[]> {
    const members = await this.dataSource.getRepository(MemberEntity).findBy({ siteId: site.id });
    const users = await this.dataSource
      .getRepository(UserEntity)
      .find({ where: { id: In(members.map(({ userId }) => userId)) }, order: { createdAt: 'ASC' } });
    return users.map(({ id, name }) => ({ id, name }));
  }

  #stage(database: Database, site: SiteEntity, id: string): LeadStageEntity {
    const stage = stagesOf(database, site.id).find((one) => one.id === id);
    if (!stage) throw new BadRequestException('stage must be one of the site’s stages.');
    return stage;
  }
}

function refuseOddStages(stages: readonly StageDto[], known: readonly LeadStageEntity[]): void {
  const ids = new Set(known.map(({ id }) => id));
  const strange = stages.findIndex(({ id }) => id !== undefined && !ids.has(id));
  if (strange >= 0) throw new BadRequestException(`stages.${strange}.id is none of the site’s stages.`);
  const names = stages.map(({ name }) => name.trim().toLowerCase());
  const twice = names.findIndex((name, at) => names.indexOf(name) < at);
  if (twice >= 0) throw new BadRequestException(`stages.${twice}.name is there twice.`);
  const given = stages.flatMap(({ id }) => id ?? []);
  if (new Set(given).size < given.length) throw new BadRequestException('A stage is there twice.');
}

/** A lead of the site. Refuses one that is not there. */
function oneOf(database: Database, site: SiteEntity, id: string): LeadEntity {
  const lead = statement(database, 'SELECT * FROM lead WHERE id = ? AND siteId = ?').get(id, site.id);
  if (!lead) throw new NotFoundException('There is no such lead.');
  return lead as LeadEntity;
}

function noteStage(database: Database, leadId: string, stage: string, byId: string | null, at: number): void {
  statement(database, 'INSERT INTO lead_event (id, leadId, at, stage, byId) VALUES (?, ?, ?, ?, ?)').run(
    ...[newId('lv'), leadId, at, stage, byId],
  );
}
