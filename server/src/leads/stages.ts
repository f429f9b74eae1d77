import type { Database } from 'better-sqlite3';
import { statement } from '../database/statements.js';
import { newId } from '../shared/ids.js';
import type { LeadStageEntity } from './leads.entity.js';

/** The stages that a site begins with. */
export const firstStages = [
  ['Asked', 'open'],
  ['In talks', 'open'],
  ['Won', 'won'],
  ['Lost', 'lost'],
] as const;

const insertStage = `INSERT INTO lead_stage (id, siteId, name, position, outcome)
  VALUES (?, ?, ?, (SELECT coalesce(max(position), 0) + 1 FROM lead_stage WHERE siteId = ?), ?) ON CONFLICT DO NOTHING`;

/** The stages of a site in their order; those that every site begins with, where it has none yet. */
export function stagesOf(database: Database, siteId: string): LeadStageEntity[] {
  const select = 'SELECT * FROM lead_stage WHERE siteId = ? ORDER BY position';
  const found = statement(database, select).all(siteId) as LeadStageEntity[];
  if (found.length > 0) return found;
  for (const [name, outcome] of firstStages)
    statement(database, insertStage).run(newId('stage'), siteId, name, siteId, outcome);
  return statement(database, select).all(siteId) as LeadStageEntity[];
}

/** A stage by its name, whatever case it is written in; made, as one that is open, where it is not there. */
export function stageByName(database: Database, siteId: string, name: string): LeadStageEntity {
  const same = (stage: LeadStageEntity) =>
    stage.name.localeCompare(name, 'en', { sensitivity: 'accent' }) === 0;
  const known = stagesOf(database, siteId).find(same);
  if (known) return known;
  statement(database, insertStage).run(newId('stage'), siteId, name, siteId, 'open');
  return stagesOf(database, siteId).find(same) as LeadStageEntity;
}
