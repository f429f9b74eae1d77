import { type ChatBatch } from '@sirene/core/chat';

/** How a conversation stands: nobody has written yet, nobody has answered, somebody has taken it, or it is over. */
export type ChatState = 'none' | 'waiting' | 'open' | 'closed';

/** What the server tells of a conversation. */
export interface ChatAnswer extends ChatBatch {
  /** Which it is; another one where the last is over and the visitor has written again. */
  conversation: string | null;
  state: ChatState;
}

/** What a page knows of a conversation. */
export interface KnownChat {
  after: number;
  conversation: string | null;
  state: ChatState;
}

/** What is sent with a message. */
export interface Said {
  message: { id: string; text: string };
  name: string;
  email: string;
  page: string;
  title: string;
}

/** Refused for good, in words for the visitor. */
export class RefusedMessage extends Error {}

/** The way to the server: requests that are answered once there is something to tell, which no network lets through less than others. */
export interface ChatLine {
  /** All behind a message, at once or, where there is nothing, once there is; until `signal` ends it. */
  follow(known: KnownChat, wait: boolean, signal: AbortSignal): Promise<ChatAnswer>;
  /** Resolved once the message is stored. */
  say(said: Said): Promise<void>;
}

/**
 * The line of one visitor to one chat.
 *
 * @param address the chat of the site on the server
 * @param token by which the server knows the visitor again
 */
export function chatLine(address: string, widget: string, token: string): ChatLine {
  const post = async (path: string, body: object, signal?: AbortSignal): Promise<unknown> => {
    const response = await fetch(`${address}/${path}`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ token, widget, ...body }),
      ...(signal && { signal }),
    });
    const answer = (await response.json().catch(() => ({}))) as { message?: string };
    if (response.ok) return answer;
    const isForNow = response.status >= 500 || response.status === 429;
    throw isForNow ? new Error(`The chat answered ${response.status}`) : new RefusedMessage(answer.message);
  };
  return {
    follow: ({ conversation, ...known }, wait, signal) =>
      post(
        'follow',
        { ...known, wait, ...(conversation !== null && { conversation }) },
        signal,
      ) as Promise<ChatAnswer>,
    say: async (said) => void (await post('messages', said)),
  };
}
