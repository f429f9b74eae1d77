import { lastSeq, type ChatWords } from '@sirene/core/chat';
import type { Shown } from './conversation.ts';

/** What a chat is drawn with: its words stand in its markup. */
export const wordsOf = (place: HTMLElement): ChatWords =>
  JSON.parse(place.dataset['chat'] as string) as ChatWords;

/**
 * Shows how a conversation stands: all but what was said.
 *
 * @param news what is said once of something that was done
 */
export function showIn(place: HTMLElement, words: ChatWords, shown: Shown, news = ''): void {
  const { log, state, refusal, isCut, typing, seen, desk, rating } = shown;
  const isOnItsWay = log.pending.length > 0;
  Object.assign(place.dataset, { desk, stage: state === 'none' && isOnItsWay ? 'waiting' : state });
  const isOver = state === 'closed' && !isOnItsWay;
  const failed = isCut ? place.dataset['failed'] : '';
  write(place.querySelector('.told'), refusal || failed || news || (isOver ? words.ended : ''));
  const isMineLast = log.messages.at(-1)?.from === 'visitor' && !isOnItsWay;
  const isSeen = isMineLast && state !== 'closed' && seen >= lastSeq(log);
  write(place.querySelector('.sign'), typing ? `${typing} ${words.typing}` : isSeen ? words.seen : '');
  for (const star of place.querySelectorAll<HTMLElement>('[data-rate]'))
    star.setAttribute('aria-pressed', String(Number(star.dataset['rate']) <= (rating ?? 0)));
}

/** Only what changes is written: it is read aloud. */
export function write(line: Element | null, text: string): void {
  if (line && line.textContent !== text) line.textContent = text;
}
