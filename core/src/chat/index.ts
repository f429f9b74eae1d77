export { withoutCards } from './cards.js';
export {
  emptyLog,
  lastSeq,
  received,
  written,
  type ChatBatch,
  type ChatDraft,
  type ChatLog,
  type ChatMessage,
} from './log.js';

/** The longest message, in characters. */
export const longestMessage = 4000;

/** What the page's script needs of a chat, beside what is drawn already. */
export interface ChatWords {
  ended: string;
  classes: Readonly<Record<'received' | 'sent', string>>;
}
