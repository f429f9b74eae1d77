import { ConflictException, Injectable, NotFoundException } from '@nestjs/common';
import { Connection } from '../database/connection.js';
import { GroupWriter } from '../database/group-writer.js';
import { statement } from '../database/statements.js';
import type { SiteEntity } from '../sites/sites.entity.js';

/** Some of the desk, to whom a conversation can be handed together. */
export interface DeskGroup {
  id: string;
  name: string;
  members: string[];
}

const upsert = `INSERT INTO desk_group (id, siteId, name, members) VALUES (@id, @siteId, @name, @members)
  ON CONFLICT (id) DO UPDATE SET name = excluded.name, members = excluded.members WHERE siteId = @siteId`;

/** The groups of a site's desk. */
@Injectable()
export class DeskGroups {
  constructor(
    private readonly connection: Connection,
    private readonly groups: GroupWriter,
  ) {}

  /** The groups of a site, by name. */
  of(site: Pick<SiteEntity, 'id'>): DeskGroup[] {
    const rows = statement(
      this.connection.bare,
      'SELECT id, name, members FROM desk_group WHERE siteId = ? ORDER BY name COLLATE NOCASE, id',
    ).all(site.id) as (Omit<DeskGroup, 'members'> & { members: string })[];
    return rows.map((row) => ({ ...row, members: JSON.parse(row.members) as string[] }));
  }

  /** Puts these in the place of all that there were. What was handed to one that is gone is handed to none. */
  async set(site: SiteEntity, wanted: readonly DeskGroup[]): Promise<void> {
    const names = new Set(wanted.map(({ name }) => name.trim().toLowerCase()));
    if (names.size < wanted.length) throw new ConflictException('groups: two have the same name');
    await this.groups.add((database) => {
      const known = new Set(
        statement(database, 'SELECT userId FROM member WHERE siteId = ?').pluck().all(site.id) as string[],
      );
      const ids = JSON.stringify(wanted.map(({ id }) => id));
      statement(
        database,
        'DELETE FROM desk_group WHERE siteId = ? AND id NOT IN (SELECT value FROM json_each(?))',
      ).run(site.id, ids);
      for (const { id, name, members } of wanted) {
        if (members.some((one) => !known.has(one)))
          throw new NotFoundException('There is no such member of the site.');
        const row = { id, siteId: site.id, name: name.trim(), members: JSON.stringify(members) };
        if (statement(database, upsert).run(row).changes === 0)
          throw new ConflictException('groups: an id is taken already');
      }
    });
  }
}
