import { createHash } from 'node:crypto';
import type { Database } from 'better-sqlite3';
import type { UserEntity } from '../accounts/accounts.entity.js';
import { beginConversation, visitorOf, writeMessage } from '../chat/write-conversation.js';
import { statement } from '../database/statements.js';
import { newId } from '../shared/ids.js';
import type { WidgetEntity } from '../widgets/widgets.entity.js';
import type { ArchivedConversation } from './archive.dto.js';

/**
 * Brings a conversation of an archive in, inside a transaction. Whose browser it was is not part of an archive: it goes on in none.
 *
 * @param desk who wrote the answers
 */
export function bringConversation(
  database: Database,
  siteId: string,
  widget: WidgetEntity,
  { ago, name, email, page, pageTitle, state, messages }: ArchivedConversation,
  desk: UserEntity,
  now: number,
): void {
  let at = now - ago;
  const begun = { siteId, widgetId: widget.id, widgetName: widget.draft.name, name, email, page, pageTitle };
  const id = beginConversation(database, { ...begun, visitor: visitorOf(newId('visitor')) }, at);
  for (const [index, { from, text, after }] of messages.entries()) {
    at += after;
    const by = from === 'visitor' ? { byId: null, name } : { byId: desk.id, name: desk.name };
    const made = createHash('sha256').update(`${id} ${index}`).digest('hex').slice(0, 32);
    writeMessage(database, id, { id: made, sender: from, text, at, ...by });
  }
  const closedAt = state === 'closed' ? at : null;
  statement(database, 'UPDATE conversation SET state = ?, closedAt = ? WHERE id = ?').run(
    state,
    closedAt,
    id,
  );
}
