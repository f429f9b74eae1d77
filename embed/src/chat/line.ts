import type { ChatBatch, ChatDraft, ChatFile, ChatSigns, DeskState } from '@sirene/core/chat';

/** How a conversation stands: nobody has written yet, nobody has answered, somebody has taken it, or it is over. */
export type ChatState = 'none' | 'waiting' | 'open' | 'closed';

/** What the server tells of a conversation. */
export interface ChatAnswer extends ChatBatch, ChatSigns {
  /** Which it is; another one where the last is over and the visitor has written again. */
  conversation: string | null;
  state: ChatState;
  desk: DeskState;
  rating: number | null;
  /** Another whenever something has changed. */
  mark: string;
}

/** What a page knows of a conversation, and how much of it the visitor has looked at. */
export interface KnownChat {
  after: number;
  conversation: string | null;
  mark: string;
  seen: number;
}

/** What is sent with a message. */
export interface Said {
  message: ChatDraft;
  name: string;
  email: string;
  answers: readonly { label: string; value: string }[];
  identity?: string;
  page: string;
  title: string;
}

/** What a visitor does beside writing. */
export type Deed = 'typing' | 'end' | 'rating' | 'transcript' | 'forget';

/** Refused for good, in words for the visitor. */
export class RefusedMessage extends Error {}

/** The way to the server. */
export interface ChatLine {
  /** All behind a message, at once or, where there is nothing, once there is; until `signal` ends it. */
  follow(known: KnownChat, wait: boolean, signal: AbortSignal): Promise<ChatAnswer>;
  /** Resolved once the message is stored. */
  say(said: Said): Promise<void>;
  /** Resolved once it is done. */
  tell(deed: Deed, more?: object): Promise<void>;
  /** Resolved once the file is there, ahead of the message that it is of. */
  send(file: File): Promise<ChatFile>;
  end(): void;
}
