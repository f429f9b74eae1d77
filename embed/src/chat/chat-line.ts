import type { ChatFile } from '@sirene/core/chat';
import { RefusedMessage, type ChatAnswer, type ChatLine, type Deed } from './line.ts';
import { LineSocket, Refused } from './socket.ts';

/** What is asked for seldom, and by requests alone. */
const byRequest: ReadonlySet<Deed> = new Set(['transcript', 'forget']);

/** What is only busy, or broken for the moment, is tried again; everything else is refused for good. */
const isForNow = (status: number): boolean => status >= 500 || status === 429;

const forVisitors = (error: unknown): unknown =>
  error instanceof Refused && !isForNow(error.status) ? new RefusedMessage(error.message) : error;

/**
 * The line of one visitor to one chat: over a socket, or over requests that are answered once there is something to tell, which no
 * network lets through less than others.
 *
 * @param address the chat of the site on the server
 * @param token by which the server knows the visitor again; another one once that was forgotten
 */
export function chatLine(address: string, widget: string, token: () => string): ChatLine {
  const { origin, pathname } = new URL(address, location.href);
  const key = pathname.split('/').at(-2) ?? '';
  const socket = new LineSocket(`${origin}/chat/visitor?site=${encodeURIComponent(key)}`);

  const post = async (path: string, init: RequestInit): Promise<unknown> => {
    const response = await fetch(`${address}/${path}`, { method: 'POST', ...init });
    if (response.status === 204) return null;
    const answer = (await response.json().catch(() => ({}))) as { message?: string };
    if (response.ok) return answer;
    throw forVisitors(new Refused(response.status, answer.message ?? ''));
  };
  const request = (path: string, body: object, signal?: AbortSignal) =>
    post(path, {
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
      ...(signal && { signal }),
    });
  const ask = async (to: string, more: object, signal?: AbortSignal): Promise<unknown> => {
    const body = { token: token(), widget, ...more };
    try {
      if (!socket.isBlocked)
        try {
          return await socket.ask(to, body, signal);
        } catch (error) {
          if (!socket.isBlocked) throw error;
        }
      return await request(to, body, signal);
    } catch (error) {
      throw forVisitors(error);
    }
  };
  return {
    follow: ({ conversation, mark, ...known }, wait, signal) =>
      ask(
        'follow',
        {
          ...known,
          wait,
          ...(mark && { mark }),
          ...(conversation !== null && { conversation }),
          // Read each time: pages change without being loaded.
          ...{ page: location.href.slice(0, 2048), title: document.title.slice(0, 300) },
        },
        signal,
      ) as Promise<ChatAnswer>,
    async say({ message: { id, text, file }, ...said }) {
      await ask('messages', { ...said, message: { id, text, ...(file && { file: file.id }) } });
    },
    tell: async (deed, more = {}) =>
      void (await (byRequest.has(deed) ? request(deed, { token: token(), widget }) : ask(deed, more))),
    send: (file) =>
      post(`files?${new URLSearchParams({ widget, name: file.name.slice(-200) }).toString()}`, {
        headers: { 'content-type': 'application/octet-stream' },
        body: file,
      }) as Promise<ChatFile>,
    end: () => socket.end(),
  };
}
