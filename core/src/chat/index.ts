export type { ChatAnswers } from './answers.js';
export { withoutCards } from './cards.js';
export type { MemberChatWords } from './member-words.js';
import type { Automation } from './automation/index.js';
import type { ChatHours } from './hours.js';
import type { ChatRoute } from './route.js';

export { deskOpen, type ChatException, type ChatHours, type DeskState } from './hours.js';
export {
  emptyLog,
  lastSeq,
  received,
  written,
  type ChatBatch,
  type ChatDraft,
  type ChatFile,
  type ChatLog,
  type ChatMessage,
  type ChatSigns,
} from './log.js';

export { assigneeOf, type Operator } from './assign.js';
export { routedTo, type ChatRoute } from './route.js';
export { chatReport, type ChatReport, type ReportedConversation } from './report.js';
export { chatSamples, sampleChat, type ChatSample, type SampleChat } from './sample.js';
export { answerAbove, writtenIn } from './mail-answer.js';
export { transcriptData, transcriptText, type TranscriptHead } from './transcript.js';

/** The longest message, in characters. */
export const longestMessage = 4000;

/** What a visitor may send beside text. */
export const chatFiles = ['none', 'pictures', 'any'] as const;

/** How conversations find somebody at the desk. */
export const chatAssigning = ['nobody', 'turn', 'least'] as const;

/** The largest file that is sent in a chat, bytes. */
export const largestChatFile = 10_000_000;

/** Most questions before a conversation, beside name and address. */
export const mostQuestions = 8;

/** Most routes of a chat. */
export const mostRoutes = 20;

/** What the server has to know of a chat, beside what is drawn. */
export interface ChatRule {
  hours: ChatHours;
  files: (typeof chatFiles)[number];
  /** Whether a visitor may have what was said sent by mail. */
  transcript: boolean;
  /** Who gets a conversation that begins: nobody, the next in turn, or whoever has the fewest. */
  assign: (typeof chatAssigning)[number];
  /** Who of the desk answers it, by their e-mail addresses in lower case; everybody where nobody is named. */
  operators: readonly string[];
  /** Who gets which, before anybody else does. */
  routes: readonly ChatRoute[];
  /** How many one person has at most by that; no limit where it is not said. */
  mostEach?: number;
  /** After how many hours without a word a conversation that was answered ends by itself; never, where it is not said. */
  endAfter?: number;
  /** How many days a conversation that is over is kept; for ever, where it is not said. */
  keepFor?: number;
  /** After how many minutes without an answer somebody is told by e-mail, and who. */
  remindAfter?: number;
  remind?: string;
  /** What it does by itself beside that. */
  automations: readonly Automation[];
}

/** What the page's script needs of a chat, beside what is drawn already. */
export interface ChatWords {
  ended: string;
  /** What stands behind the name of whoever is writing. */
  typing: string;
  seen: string;
  /** What is said once a rating, or the wish for a transcript, has been taken. */
  thanks: string;
  mailed: string;
  sound: boolean;
  mute: string;
  unmute: string;
  badFile: string;
  agree: string;
  classes: Readonly<Record<'received' | 'sent', string>>;
}
