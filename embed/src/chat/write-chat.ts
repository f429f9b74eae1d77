import type { SampleChat } from '@sirene/core/chat';
import type { Shown } from './conversation.ts';
import { drawnIn } from './draw-log.ts';
import { showIn, wordsOf } from './show-panel.ts';

/** Writes a conversation that nobody has had into a widget's chats, to look at; written again, it takes the place of the one before. */
export function writeChat(box: HTMLElement, { messages, ...sample }: SampleChat): void {
  const shown: Shown = { ...sample, conversation: null, refusal: '', log: { messages, pending: [] } };
  for (const place of box.querySelectorAll<HTMLElement>('[data-chat]')) {
    const log = place.querySelector<HTMLElement>('.log');
    if (!log) continue;
    for (const line of log.querySelectorAll('[data-said]')) line.remove();
    showIn(place, wordsOf(place), shown);
    drawnIn(log, wordsOf(place), '')(shown);
  }
}
