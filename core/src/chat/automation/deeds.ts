import { isMailAddress } from '../../actions/index.js';

/** Something that an automation does, and what it needs for that. */
export interface ChatDeed {
  label: string;
  /** What its value is called; nothing is entered where it needs none. */
  asks?: string;
  help?: string;
  /** In words that follow "then". */
  phrase(value: string): string;
  /** Why a value is none; `null` where it is right. */
  problem(value: string): string | null;
}

const filled = (value: string, most: number): string | null =>
  value.trim() === '' ? 'is empty' : value.length > most ? `is longer than ${most} characters` : null;
const address = (value: string): string | null =>
  isMailAddress(value.trim()) ? null : 'is not an e-mail address';

/** Everything that an automation can do. A new one is an entry here, and one in the server's list. */
export const deeds = {
  say: {
    label: 'Send a message',
    asks: 'Message',
    help: 'Sent by itself: the conversation goes on waiting for an answer.',
    phrase: (value) => `send “${value}”`,
    problem: (value) => filled(value, 500),
  },
  tag: {
    label: 'Add a tag',
    asks: 'Tag',
    phrase: (value) => `add the tag ${value}`,
    problem: (value) => filled(value, 40),
  },
  assign: {
    label: 'Assign',
    asks: 'Assign to',
    help: 'The e-mail address of a member, or the name of a group of the desk.',
    phrase: (value) => `assign it to ${value}`,
    problem: (value) => filled(value, 254),
  },
  tell: {
    label: 'Notify by e-mail',
    asks: 'E-mail',
    phrase: (value) => `notify ${value}`,
    problem: address,
  },
  close: {
    label: 'End the conversation',
    phrase: () => 'end the conversation',
    problem: () => null,
  },
} as const satisfies Readonly<Record<string, ChatDeed>>;

export type DeedName = keyof typeof deeds;
export const deedNames = Object.keys(deeds) as DeedName[];
