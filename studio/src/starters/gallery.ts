import { starterDocument, starters, type Purpose, type StarterTime } from '@sirene/core/library/starters';
import type { WidgetDocument } from '@sirene/core/document/widget';
import type { OwnStarter } from '../shared/api/index.ts';
import { holdsWords } from '../shared/words.ts';

/** A starter as the gallery shows it. */
export interface Shown {
  id: string;
  purpose: Purpose;
  says: string;
  document: WidgetDocument;
  /** Kept by the site's designers rather than shipped. */
  own: boolean;
}

export interface Wanted {
  words: string;
  purpose: string;
  kind: string;
  placement: string;
  sorting: 'purpose' | 'name' | 'size';
}

export const everything: Wanted = { words: '', purpose: '', kind: '', placement: '', sorting: 'purpose' };

export const sortings = { purpose: 'Purpose', name: 'Name', size: 'Fewest elements' };

/** All starters: the site's own first. */
export function gallery(own: readonly OwnStarter[], time: StarterTime): Shown[] {
  return [
    ...own.map((starter) => ({ ...starter, own: true })),
    ...starters.map((starter) => ({
      id: starter.id,
      purpose: starter.purpose,
      says: starter.says,
      document: starterDocument(starter, time),
      own: false,
    })),
  ];
}

const size = ({ document }: Shown) => Object.keys(document.elements).length;

/** The starters that fit what is wanted, sorted; by purpose is the order in which they come. */
export function fitting(all: readonly Shown[], wanted: Wanted): Shown[] {
  const found = all.filter(
    ({ purpose, says, document }) =>
      (!wanted.purpose || purpose === wanted.purpose) &&
      (!wanted.kind || document.kind === wanted.kind) &&
      (!wanted.placement || document.placement.type === wanted.placement) &&
      holdsWords(`${document.name} ${says}`, wanted.words),
  );
  if (wanted.sorting === 'name')
    return found.sort((one, other) => one.document.name.localeCompare(other.document.name));
  return wanted.sorting === 'size' ? found.sort((one, other) => size(one) - size(other)) : found;
}
