import type { ListEntry } from '../shared/api/index.ts';
import { StateMark } from '../shared/StateMark.tsx';

const marks = {
  pending: ['waiting', 'Pending'],
  confirmed: ['good', 'Confirmed'],
  unsubscribed: ['quiet', 'Unsubscribed'],
} as const;

/** How a person stands to a mailing list. */
export function EntryState({ state }: { state: ListEntry['state'] }) {
  const [tone, label] = marks[state];
  return <StateMark tone={tone}>{label}</StateMark>;
}
