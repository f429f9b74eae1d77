import { ring } from '@sirene/embed/chat/sound';
import { useEffect, useRef } from 'react';
import type { ListedConversation } from '../shared/api/index.ts';
import { visitorName } from './visitor-name.ts';

/** Whether this browser tells of news beside the page: asked for by whoever works here. */
export const tellsOfNews = (): boolean => 'Notification' in window && Notification.permission === 'granted';

/**
 * Rings, and where it is allowed tells by a notification, once a visitor has written: in a conversation that nobody has taken, or in
 * one of one's own.
 */
export function useBell(
  conversations: readonly ListedConversation[] | undefined,
  me: string | undefined,
  isMuted: boolean,
): void {
  const known = useRef<Map<string, number>>(undefined);
  useEffect(() => {
    if (!conversations) return;
    const mine = conversations.filter(
      ({ assignee, last }) => last.from === 'visitor' && (assignee === null || assignee === me),
    );
    const before = known.current;
    known.current = new Map(mine.map(({ id, last }) => [id, last.seq]));
    // What was there when the desk was opened is no news.
    if (!before) return;
    const news = mine.filter(({ id, last }) => last.seq > (before.get(id) ?? 0));
    const [first] = news;
    if (!first) return;
    if (!isMuted) ring();
    if (!document.hidden || !tellsOfNews()) return;
    const told = new Notification(visitorName(first), { body: first.last.text, tag: first.id });
    told.onclick = () => {
      window.focus();
      told.close();
    };
  }, [conversations, me, isMuted]);
}
