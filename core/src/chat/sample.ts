import type { ChatMessage, ChatSigns } from './log.js';
import type { DeskState } from './hours.js';

/** How a chat can be looked at before anybody has written. */
export const chatSamples = {
  new: 'New',
  away: 'Away',
  closed: 'Closed',
  waiting: 'Waiting',
  typing: 'Typing',
  open: 'Answered',
  failed: 'Failed',
  ended: 'Ended',
  rated: 'Rated',
} as const;
export type ChatSample = keyof typeof chatSamples;

/** A conversation as a page would show it. */
export interface SampleChat extends ChatSigns {
  state: 'none' | 'waiting' | 'open' | 'closed';
  desk: DeskState;
  messages: readonly ChatMessage[];
  /** What was written last has not gone through. */
  isCut: boolean;
  rating: number | null;
}

const said: readonly (readonly [from: 'visitor' | 'desk', text: string])[] = [
  ['visitor', 'Good evening. Is there a place left on Friday?'],
  ['desk', 'There are four. Shall I keep one for you?'],
  ['visitor', 'Two, please. And can we come by bus?'],
  ['desk', 'Of course. The last one back leaves at twenty to twelve.'],
];

const told = (count: number): ChatMessage[] =>
  said.slice(0, count).map(([from, text], at) => ({
    ...{ seq: at + 1, id: `sample-${at}`, from, text, at: 0 },
    name: from === 'desk' ? 'Ada' : '',
  }));

const none: SampleChat = {
  ...{ state: 'none', desk: 'here', messages: [], isCut: false, rating: null },
  ...{ typing: '', seen: 0, isHere: true },
};

/** A conversation that nobody has had, in a state in which it is to be looked at. */
export function sampleChat(sample: ChatSample): SampleChat {
  switch (sample) {
    case 'new':
      return none;
    case 'away':
      return { ...none, desk: 'away', isHere: false };
    case 'closed':
      return { ...none, desk: 'closed', isHere: false };
    case 'waiting':
      return { ...none, state: 'waiting', messages: told(1), seen: 1 };
    case 'typing':
      return { ...none, state: 'open', messages: told(3), typing: 'Ada' };
    case 'open':
      return { ...none, state: 'open', messages: told(4) };
    case 'failed':
      return { ...none, state: 'open', messages: told(3), isCut: true };
    case 'ended':
      return { ...none, state: 'closed', messages: told(4) };
    case 'rated':
      return { ...none, state: 'closed', messages: told(4), rating: 4 };
  }
}
