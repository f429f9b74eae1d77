import type { ListedWidget } from '../shared/api/index.ts';
import { holdsWords } from '../shared/words.ts';

export const states = {
  all: 'All states',
  draft: 'Drafts',
  published: 'Published',
  changed: 'Unpublished changes',
};
export type State = keyof typeof states;

export const sortings = {
  edited: 'Newest first',
  made: 'Oldest first',
  name: 'Name',
  shown: 'Most views',
  submitted: 'Most submissions',
};
export type Sorting = keyof typeof sortings;

export interface Wanted {
  words: string;
  state: State;
  sorting: Sorting;
}

const stateOf = ({ publishedNumber, changedSince }: ListedWidget): State =>
  publishedNumber === null ? 'draft' : changedSince ? 'changed' : 'published';

const compare: Record<Sorting, (one: ListedWidget, other: ListedWidget) => number> = {
  made: () => 0,
  edited: (one, other) => other.draftSavedAt - one.draftSavedAt,
  name: (one, other) => one.name.localeCompare(other.name),
  shown: (one, other) => other.shown - one.shown,
  submitted: (one, other) => other.submitted - one.submitted,
};

/** The widgets that hold every word in their name or rule and are in a state, sorted. */
export function matching(
  widgets: readonly ListedWidget[],
  { words, state, sorting }: Wanted,
): ListedWidget[] {
  return widgets
    .filter((widget) => {
      const fits =
        state === 'all' ||
        stateOf(widget) === state ||
        (state === 'published' && stateOf(widget) === 'changed');
      return fits && holdsWords(`${widget.name} ${widget.sentence}`, words);
    })
    .sort(compare[sorting]);
}
