import { sampleLines } from '@sirene/core/document/basket';
import { sampleChat, type ChatSample } from '@sirene/core/chat';
import { writeChat } from '@sirene/embed/chat/write-chat';
import { writeMembers } from '@sirene/embed/members/write-members';
import { writeBasket } from '@sirene/embed/parts/basket';
import { lookAt } from '@sirene/embed/looking';
import type { Mounted } from '@sirene/embed/mount';

/**
 * Writes what a page's own script would write into a widget, to look at: a basket's lines, what is left of a countdown.
 *
 * @param lines how many the basket has
 * @param now ms since the epoch
 * @param chat how a conversation in it stands
 */
export function writeSamples(
  to: Pick<Mounted, 'box' | 'root' | 'write' | 'body'>,
  lines: number,
  now: number,
  chat: ChatSample = 'open',
): void {
  if (to.body.scripts.includes('basket')) writeBasket(to, sampleLines(lines));
  if (to.body.scripts.includes('chat')) writeChat(to.box, sampleChat(chat));
  if (to.body.scripts.includes('members')) writeMembers(to.box);
  lookAt(to, now);
}
