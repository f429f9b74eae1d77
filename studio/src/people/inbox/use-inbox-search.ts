import { useSearchParams } from 'react-router';

/** Which submissions are shown, and how; kept in the address, so that a reload and a link show the same. */
export interface InboxSearch {
  words: string;
  widget: string;
  /** A member, `nobody`, or empty for anyone. */
  assignee: string;
  isUnread: boolean;
  isHeld: boolean;
  /** The fields that are shown as columns, by their keys. */
  columns: readonly string[];
}

/** What is looked for in the inbox, read from the address and written to it. */
export function useInboxSearch() {
  const [search, setSearch] = useSearchParams();
  const write = (next: InboxSearch, submission: string | null) =>
    setSearch(
      {
        ...(next.words && { words: next.words }),
        ...(next.widget && { widget: next.widget }),
        ...(next.assignee && { assignee: next.assignee }),
        ...(next.isUnread && { unread: 'true' }),
        ...(next.isHeld && { held: 'true' }),
        ...(next.columns.length > 0 && { columns: next.columns.join(',') }),
        ...(submission !== null && { submission }),
      },
      { replace: true },
    );
  return {
    shown: searchIn(search),
    openId: search.get('submission'),
    /** Shows other submissions; what is open closes. */
    show: (changes: Partial<InboxSearch>) => write({ ...searchIn(addressNow()), ...changes }, null),
    /** Shows other columns of the same submissions. */
    showColumns: (change: (shown: readonly string[]) => readonly string[]) => {
      const now = addressNow();
      const shown = searchIn(now);
      write({ ...shown, columns: change(shown.columns) }, now.get('submission'));
    },
    open: (submission: string) => write(searchIn(addressNow()), submission),
  };
}

/** The address as it is, which is ahead of the one on the screen while React draws: a second click builds on the first. */
const addressNow = () => new URLSearchParams(window.location.search);

const searchIn = (address: URLSearchParams): InboxSearch => {
  const of = (key: string) => address.get(key) ?? '';
  return {
    words: of('words'),
    widget: of('widget'),
    assignee: of('assignee'),
    isUnread: of('unread') !== '',
    isHeld: of('held') !== '',
    columns: of('columns').split(',').filter(Boolean),
  };
};

/** The same as the API asks for it. */
export const queryOf = ({ words, widget, assignee, isUnread, isHeld }: InboxSearch) => ({
  words,
  widget,
  assignee,
  ...(isUnread && { unread: 'true' }),
  ...(isHeld && { held: 'true' }),
});

/** Whether it shows others than all. */
export const isFiltered = ({ words, widget, assignee, isUnread, isHeld }: InboxSearch): boolean =>
  words !== '' || widget !== '' || assignee !== '' || isUnread || isHeld;
