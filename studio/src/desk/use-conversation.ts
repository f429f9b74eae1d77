import { emptyLog, lastSeq, received, written, type ChatFile, type ChatLog } from '@sirene/core/chat';
import { newId } from '@sirene/embed/new-id';
import { useCallback, useEffect, useRef, useState } from 'react';
import { inBackground } from '../shared/background.ts';
import { sendFile as upload } from '../shared/send-file.ts';
import { at, get, post, withQuery, type Conversation, type Site } from '../shared/api/index.ts';

/** One conversation as it stands at the desk. */
export interface OpenConversation {
  about: Omit<Conversation, 'messages' | 'after'> | null;
  log: ChatLog;
  error: unknown;
  /** Asks for what is behind the last message that is known. */
  catchUp(): Promise<void>;
  /** Writes an answer, or a note that visitors never see; resolved once it is stored. */
  say(text: string, note: boolean): Promise<void>;
  /** Sends a file as an answer, or as a note. */
  sendFile(file: File, note: boolean): Promise<void>;
}

/**
 * Follows a conversation. What is written stands in it at once, and is sent until it is there.
 *
 * @param beat another number each time that something has happened
 */
export function useConversation(site: Site, id: string, beat: number): OpenConversation {
  const path = { site: site.id, conversation: id };
  const [about, setAbout] = useState<OpenConversation['about']>(null);
  const [log, setLog] = useState(emptyLog);
  const [error, setError] = useState<unknown>(null);
  const known = useRef(log);
  const change = useCallback((next: (log: ChatLog) => ChatLog) => {
    known.current = next(known.current);
    setLog(known.current);
  }, []);
  const catchUp = useCallback(async () => {
    const conversation = { site: site.id, conversation: id };
    const address = at('/api/sites/{site}/conversations/{conversation}', conversation);
    try {
      const { messages, after, ...rest } = await get(withQuery(address, { after: lastSeq(known.current) }));
      setAbout(rest);
      change((before) => received(before, { after, messages }));
      setError(null);
    } catch (failure) {
      setError(failure);
    }
  }, [site.id, id, change]);
  useEffect(() => {
    inBackground(catchUp());
  }, [catchUp, beat]);
  const send = async (message: { id: string; text: string; file?: string }, note: boolean) => {
    change((before) => written(before, { id: message.id, text: message.text }));
    try {
      await post(at('/api/sites/{site}/conversations/{conversation}/messages', path), { message, note });
    } catch (failure) {
      // It goes back to where it was written.
      change((before) => ({ ...before, pending: before.pending.filter((one) => one.id !== message.id) }));
      throw failure;
    }
    await catchUp();
  };
  const say = (text: string, note: boolean) => send({ id: newId(), text }, note);
  const sendFile = async (file: File, note: boolean) => {
    const address = at('/api/sites/{site}/conversations/files', { site: site.id });
    const sent = await upload<ChatFile>(address, file, { name: file.name.slice(-200) });
    await send({ id: newId(), text: sent.name, file: sent.id }, note);
  };
  return { about, log, error, catchUp, say, sendFile };
}
