/** One message of a conversation, as both sides know it. */
export interface ChatMessage {
  /** Its place in the conversation, from 1: the server's, and the same for everybody. */
  seq: number;
  /** Made by whoever wrote it, so that it is one however often it is sent: 32 hexadecimal digits. */
  id: string;
  /** A note is of the desk's own: visitors never get one. */
  from: 'visitor' | 'desk' | 'note';
  /** Who wrote it, as the other side reads it; empty where nobody said. */
  name: string;
  text: string;
  /** When it was stored, ms since 1970. */
  at: number;
  /** What was sent along; its name is the text then. */
  file?: ChatFile | null;
}

/** A file of a conversation. */
export interface ChatFile {
  /** By which it is fetched; nobody can guess it. */
  id: string;
  name: string;
  /** Its media type, read from its content. */
  type: string;
  bytes: number;
}

/** What is true of the other side at the moment. */
export interface ChatSigns {
  /** Who is writing just now; empty where nobody is. */
  typing: string;
  /** The last message that they have seen. */
  seen: number;
  /** Whether they are there. */
  isHere: boolean;
}

/** A message that nobody has acknowledged yet. */
export type ChatDraft = Pick<ChatMessage, 'id' | 'text' | 'file'>;

/** What the server tells: all that there is behind the message `after`, in order. */
export interface ChatBatch {
  after: number;
  messages: readonly ChatMessage[];
}

/** A conversation as one side knows it. */
export interface ChatLog {
  messages: readonly ChatMessage[];
  /** What was written here and is on its way, in the order in which it was written. */
  pending: readonly ChatDraft[];
}

export const emptyLog: ChatLog = { messages: [], pending: [] };

/** The last message that is known; 0 where none is. What is behind it is asked for next. */
export const lastSeq = ({ messages }: ChatLog): number => messages.at(-1)?.seq ?? 0;

/** A log with what has just been written; the same draft a second time changes nothing. */
export const written = (log: ChatLog, draft: ChatDraft): ChatLog =>
  [...log.pending, ...log.messages].some(({ id }) => id === draft.id)
    ? log
    : { ...log, pending: [...log.pending, draft] };

/**
 * A log with what the server told. Whatever happens to the line, a message is there once and in the server's order: what is known
 * already is passed over, and so is a batch that begins behind what is known, since something between them is lacking.
 *
 * @example received(emptyLog, { after: 0, messages: [hello] }).messages // [hello]
 */
export function received(log: ChatLog, { after, messages }: ChatBatch): ChatLog {
  const last = lastSeq(log);
  if (after > last) return log;
  const fresh = messages.filter(({ seq }) => seq > last);
  if (fresh.length === 0) return log;
  const known = new Set(fresh.map(({ id }) => id));
  return {
    messages: [...log.messages, ...fresh],
    pending: log.pending.filter(({ id }) => !known.has(id)),
  };
}
