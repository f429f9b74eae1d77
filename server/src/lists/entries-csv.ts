import { byteOrderMark, csvLines } from '../shared/csv.js';
import type { ListedEntry } from './lists.answers.js';

const time = (at: number | undefined): string => (at === undefined ? '' : new Date(at).toISOString());

/** The entries of a list as CSV: who, how they stand, and the proof of it. */
export async function* entriesCsv(pages: AsyncIterable<readonly ListedEntry[]>): AsyncGenerator<string> {
  const head = [
    'E-mail',
    'Name',
    'State',
    'Since',
    'Asked',
    'Page',
    'Consent text',
    'Confirmed',
    'Unsubscribed',
  ];
  yield byteOrderMark + csvLines([head]);
  for await (const page of pages) yield csvLines(page.map(row));
}

function row({ entry, person, events }: ListedEntry): string[] {
  const last = (kind: string) => events.findLast((event) => event.kind === kind);
  const asked = last('asked') ?? last('imported');
  return [
    person.email,
    person.name,
    entry.state,
    time(entry.since),
    time(asked?.at),
    asked?.page ?? '',
    asked?.words ?? '',
    time(last('confirmed')?.at),
    time(last('unsubscribed')?.at),
  ];
}
