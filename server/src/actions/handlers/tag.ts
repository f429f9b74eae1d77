import { Injectable } from '@nestjs/common';
import type { Action } from '@sirene/core/actions';
import { GroupWriter } from '../../database/group-writer.js';
import { statement } from '../../database/statements.js';
import { Unwanted, type ActionHandler, type Errand, type Sent } from '../handler.js';

type Tag = Extract<Action, { type: 'tag' }>;

/** Most tags of a person. */
const most = 30;

/** Gives whoever sent a submission a tag. */
@Injectable()
export class TagHandler implements ActionHandler<Tag> {
  constructor(private readonly groups: GroupWriter) {}

  /** Nobody can be tagged who has left no address. */
  targets({ tag }: Tag, { email }: Sent) {
    return email === '' || tag.trim() === '' ? [] : [{ target: email, settings: { tag: tag.trim() } }];
  }

  /** May be called more than once for a delivery: who has the tag keeps it. */
  async run({ delivery, person }: Errand): Promise<void> {
    if (!person) throw new Unwanted('Whoever sent it is not known here any more.');
    const { tag } = delivery.settings as Pick<Tag, 'tag'>;
    const outcome = await this.groups.add((database) => {
      const row = statement(database, 'SELECT tags FROM person WHERE id = ?').get(person.id);
      const tags = JSON.parse((row as { tags: string } | undefined)?.tags ?? '[]') as string[];
      if (tags.includes(tag)) return 'given';
      if (tags.length >= most) return 'full';
      statement(database, 'UPDATE person SET tags = ? WHERE id = ?').run(
        JSON.stringify([...tags, tag]),
        person.id,
      );
      return 'given';
    });
    if (outcome === 'full') throw new Unwanted(`They have ${most} tags already. Remove one, then try again.`);
  }
}
