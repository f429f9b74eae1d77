import type { Place } from '../../behaviour/index.js';
import type { ChatAnswers } from '../answers.js';
import type { DeskState } from '../hours.js';

/** What an automation of a chat goes by. */
export interface ChatFacts {
  /** What the visitor wrote last. */
  text: string;
  place: Place;
  answers: ChatAnswers;
  /** Whether a token that the site has signed says who they are. */
  isMember: boolean;
  channel: 'page' | 'messenger';
  desk: DeskState;
  tags: readonly string[];
}

/** How a kind of condition on a conversation is tested. */
export interface ChatConditionKind<C> {
  compile(condition: C): (facts: ChatFacts) => boolean;
}
