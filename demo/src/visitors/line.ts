import { randomBytes } from 'node:crypto';
import { setTimeout as pause } from 'node:timers/promises';
import type { Character } from './characters.js';
import type { VisitorSide } from './visit.js';

/** Where a site's widgets are served, and the site itself. */
export interface Place {
  studio: string;
  site: string;
  key: string;
}

interface Followed {
  conversation: string | null;
  state: string;
  mark: string;
  messages: { seq: number; from: string; text: string }[];
}

const hex = () => randomBytes(16).toString('hex');

/** So long it is waited before something that was not taken is tried again, ms. */
const againMs = 5000;

/** The chats that a site has published: ids by address name. */
export async function chatsOf({ studio, site, key }: Place): Promise<ReadonlyMap<string, string>> {
  const response = await fetch(`${studio}/m/${key}.json`, { headers: { origin: site } });
  const { widgets } = (await response.json()) as { widgets: { id: string; slug: string }[] };
  return new Map(widgets.map(({ id, slug }) => [slug, id]));
}

/** Writes to the desk as a page does that has no socket (docs/chat.md). */
export function lineOf({ studio, site, key }: Place, widget: string, who: Character): VisitorSide {
  const token = hex();
  let after = 0;
  let known: { mark: string; conversation?: string } | undefined;
  const post = (path: string, more: object, signal?: AbortSignal) =>
    fetch(`${studio}/c/${key}/chat/${path}`, {
      method: 'POST',
      headers: { origin: site, 'content-type': 'application/json' },
      body: JSON.stringify({ token, widget, ...more }),
      ...(signal && { signal }),
    });
  const insist = async (path: string, more: object) => {
    for (;;) {
      const response = await post(path, more);
      if (response.ok) return;
      // Too many at once, or the server is just starting: like a page, it waits.
      if (response.status !== 429 && response.status < 500)
        throw new Error(`${path}: ${response.status} ${await response.text()}`);
      await pause(againMs);
    }
  };
  const { name, email, answers, title } = who;
  return {
    say: (text) =>
      insist('messages', {
        ...{ message: { id: hex(), text }, name, email, page: site + who.page, title },
        ...(answers && { answers }),
      }),
    async answer(ms) {
      const over = AbortSignal.timeout(Math.ceil(ms));
      while (!over.aborted) {
        const response = await post('follow', { after, wait: true, ...known }, over).catch(() => null);
        if (over.aborted) break;
        if (!response?.ok) {
          await pause(againMs);
          continue;
        }
        const followed = (await response.json()) as Followed;
        const { mark, conversation } = followed;
        // By its id the server knows what of the conversation is new; else it tells all of it again.
        known = { mark, ...(conversation !== null && { conversation }) };
        after = followed.messages.at(-1)?.seq ?? after;
        const answered = followed.messages.filter(({ from }) => from === 'desk');
        if (answered.length > 0) return answered.map(({ text }) => text).join('\n');
        if (followed.state === 'closed') break;
      }
      return null;
    },
    end: () => insist('end', {}),
    rate: (rating) => insist('rating', { rating }),
  };
}
