import { Injectable } from '@nestjs/common';
import type { ConversationEntity } from './chat.entity.js';
import { ChatHub } from './chat.hub.js';

/** Whose conversation one is, and by way of which widget. */
export type Whose = Pick<ConversationEntity, 'siteId' | 'visitor' | 'widgetId'>;

/** Under what a visitor waits for what happens in a chat. */
export const visitorKey = ({ siteId, visitor, widgetId }: Whose): string =>
  `visitor ${siteId} ${visitor} ${widgetId}`;

/** Under what the desk waits for what happens in the conversation that is open there. */
export const openKey = (conversation: string): string => `open ${conversation}`;

/** Under what the desk waits for what happens in any conversation of a site. */
export const deskKey = (site: string): string => `desk ${site}`;

/** The same, for who has said that they are away. */
export const awayKey = (site: string): string => `away ${site}`;

/** Tells both sides what has happened, once it is stored. */
@Injectable()
export class Happenings {
  readonly #listeners: ((conversation: string) => void)[] = [];

  constructor(private readonly hub: ChatHub) {}

  /** Has something done whenever something has happened in a conversation: called with its id. */
  listen(call: (conversation: string) => void): void {
    this.#listeners.push(call);
  }

  /** Something that the desk's list shows as well. */
  happened(conversation: Whose & { id: string }): void {
    this.hub.count(deskKey(conversation.siteId));
    const { siteId } = conversation;
    this.hub.tell(deskKey(siteId), awayKey(siteId), visitorKey(conversation), openKey(conversation.id));
    for (const call of this.#listeners) call(conversation.id);
  }

  /** Something that only who has the conversation open sees. */
  signed(conversation: Whose & { id: string }): void {
    this.hub.tell(visitorKey(conversation), openKey(conversation.id));
  }
}
