import { emptyLog, lastSeq, received, written, type ChatFile, type ChatLog } from '@sirene/core/chat';
import { newId } from '@sirene/embed/new-id';
import { useCallback, useEffect, useRef, useState } from 'react';
import { inBackground } from '../shared/background.ts';
import { sendFile as upload } from '../shared/send-file.ts';
import {
  at,
  get,
  post,
  withQuery,
  type Conversation,
  type ListedConversation,
  type Site,
} from '../shared/api/index.ts';

/** A conversation without what was said. */
export type ReadConversation = Omit<Conversation, 'messages' | 'after'>;

/** One conversation as it stands at the desk. */
export interface OpenConversation {
  /** What the list says of it, until it has been read. */
  head: ListedConversation | null;
  about: ReadConversation | null;
  log: ChatLog;
  error: unknown;
  /** Asks for what is behind the last message that is known. */
  catchUp(): Promise<void>;
  /** Writes an answer, or a note that visitors never see; resolved once it is stored. */
  say(text: string, note: boolean): Promise<void>;
  /** Sends a file as an answer, or as a note. */
  sendFile(file: File, note: boolean): Promise<void>;
}

/** Asks for a conversation, and for what was said after a message. */
export const readConversation = (site: Site, id: string, after: number): Promise<Conversation> =>
  get(
    withQuery(at('/api/sites/{site}/conversations/{conversation}', { site: site.id, conversation: id }), {
      after,
    }),
  );

/** What is known of the conversation of an id. */
type Held = Pick<OpenConversation, 'about' | 'log' | 'error'> & { id: string };

const nothingOf = (id: string): Held => ({ id, about: null, log: emptyLog, error: null });

/**
 * Follows a conversation. What is written stands in it at once, and is sent until it is there. Of one that was just chosen stands what
 * the list says of it, until it has been read; an answer about the one before comes too late to count.
 *
 * @param begun answers that were asked for as a conversation was chosen, before it is drawn, by id
 * @param beat another number each time that something has happened
 */
export function useConversation(
  site: Site,
  id: string,
  listed: ListedConversation | undefined,
  begun: Map<string, Promise<Conversation>>,
  beat: number,
): OpenConversation {
  const [held, setHeld] = useState(() => nothingOf(id));
  const known = useRef(held);
  const change = useCallback(
    (next: (log: ChatLog) => ChatLog, rest: Partial<Held> = {}) => {
      if (known.current.id !== id) return;
      known.current = { ...known.current, ...rest, log: next(known.current.log) };
      setHeld(known.current);
    },
    [id],
  );
  const catchUp = useCallback(async () => {
    const early = begun.get(id);
    begun.delete(id);
    try {
      const answer = early ?? readConversation(site, id, lastSeq(known.current.log));
      const { messages, after, ...about } = await answer;
      change((before) => received(before, { after, messages }), { about, error: null });
    } catch (error) {
      change((before) => before, { error });
    }
  }, [site, id, begun, change]);
  useEffect(() => {
    if (known.current.id !== id) known.current = nothingOf(id);
    inBackground(catchUp());
  }, [id, catchUp, beat]);
  const send = useCallback(
    async (message: { id: string; text: string; file?: string }, note: boolean) => {
      const path = { site: site.id, conversation: id };
      change((before) => written(before, { id: message.id, text: message.text }));
      try {
        await post(at('/api/sites/{site}/conversations/{conversation}/messages', path), { message, note });
      } catch (failure) {
        // It goes back to where it was written.
        change((before) => ({ ...before, pending: before.pending.filter((one) => one.id !== message.id) }));
        throw failure;
      }
      await catchUp();
    },
    [site.id, id, change, catchUp],
  );
  const say = useCallback((text: string, note: boolean) => send({ id: newId(), text }, note), [send]);
  const sendFile = useCallback(
    async (file: File, note: boolean) => {
      const address = at('/api/sites/{site}/conversations/files', { site: site.id });
      const sent = await upload<ChatFile>(address, file, { name: file.name.slice(-200) });
      await send({ id: newId(), text: sent.name, file: sent.id }, note);
    },
    [site.id, send],
  );
  const { about, log, error } = held.id === id ? held : nothingOf(id);
  return { head: about ?? listed ?? null, about, log, error, catchUp, say, sendFile };
}
