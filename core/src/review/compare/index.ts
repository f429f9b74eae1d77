import { valueAt } from '../../base/maps/index.js';
import { definitionOf, type Element } from '../../document/elements/index.js';
import {
  childrenOf,
  parentOf,
  rootsOf,
  withDescendants,
  type WidgetDocument,
} from '../../document/widget/index.js';

/** What differs between two states of a widget. */
export interface Difference {
  kind: 'added' | 'removed' | 'changed';
  /** The element, in the state that has it; null for the widget as a whole. */
  element: string | null;
  /** What it is called. */
  title: string;
  /** What of it has changed, in words such as "style" or "place". */
  what: string[];
}

const same = (one: unknown, other: unknown): boolean => JSON.stringify(one) === JSON.stringify(other);

const wholeParts: readonly [string, (document: WidgetDocument) => unknown][] = [
  ['name', ({ name }) => name],
  ['language', ({ language }) => language],
  ['placement', ({ placement }) => placement],
  ['scenes', ({ scenes }) => Object.keys(scenes)],
  ['header and footer', ({ regions }) => Object.keys(regions ?? {})],
  ['style', ({ style, look }) => [style, look]],
  ['motion', ({ motion }) => motion],
  ['custom CSS', ({ css }) => css],
  ['triggers', ({ behaviour }) => [behaviour.triggers, behaviour.frequency, behaviour.returning]],
  ['targeting', ({ behaviour }) => behaviour.targeting],
  ['actions after submitting', ({ afterwards }) => afterwards],
];

const known = ['style', 'look', 'motion', 'hidden', 'children'];

/**
 * Says what became of a widget between two states: the widget as a whole first, then its elements in reading order,
 * those that are gone at the end.
 */
export function compareDocuments(before: WidgetDocument, after: WidgetDocument): Difference[] {
  const whole = wholeParts.filter(([, read]) => !same(read(before), read(after))).map(([name]) => name);
  const inOrder = rootsOf(after).flatMap(([, root]) => withDescendants(after.elements, root));
  const gone = Object.keys(before.elements).filter((id) => !(id in after.elements));
  return [
    ...(whole.length > 0
      ? [{ kind: 'changed', element: null, title: after.name, what: whole } satisfies Difference]
      : []),
    ...inOrder.flatMap((id): Difference[] => elementDifference(before, after, id)),
    ...gone
      .filter((id) => !gone.includes(parentOf(before.elements, id) ?? ''))
      .map((id): Difference => ({ kind: 'removed', element: id, title: titleOf(before, id), what: [] })),
  ];
}

function elementDifference(before: WidgetDocument, after: WidgetDocument, id: string): Difference[] {
  const [old, now] = [valueAt(before.elements, id), valueAt(after.elements, id)] as [
    Element | undefined,
    Element,
  ];
  const title = titleOf(after, id);
  const parent = parentOf(after.elements, id);
  if (!old) {
    // What came with what holds it is no news of its own.
    const isInner = parent !== null && !(parent in before.elements);
    return isInner ? [] : [{ kind: 'added', element: id, title, what: [] }];
  }
  const read = (element: Element) => element as unknown as Record<string, unknown>;
  const content = Object.keys({ ...old, ...now }).filter(
    (key) => !known.includes(key) && !same(valueAt(read(old), key), valueAt(read(now), key)),
  );
  const what = [
    ...(content.length > 0 ? ['content'] : []),
    ...(same([old.style, old.look], [now.style, now.look]) ? [] : ['style']),
    ...(same(old.motion, now.motion) ? [] : ['motion']),
    ...(old.hidden === now.hidden ? [] : [now.hidden ? 'hidden' : 'shown']),
    ...(parentOf(before.elements, id) === parent ? orderOf(before, after, id, parent) : ['place']),
  ];
  return what.length > 0 ? [{ kind: 'changed', element: id, title, what }] : [];
}

/** Whether an element stands elsewhere among those that were beside it before. */
function orderOf(before: WidgetDocument, after: WidgetDocument, id: string, parent: string | null): string[] {
  if (parent === null) return [];
  const children = ({ elements }: WidgetDocument, other: WidgetDocument) => {
    const element = valueAt(elements, parent);
    // Only those that stand in it in both states: one that comes or goes moves nobody else.
    return childrenOf(element).filter((one) => parentOf(other.elements, one) === parent);
  };
  const [old, now] = [children(before, after), children(after, before)];
  return old.indexOf(id) === now.indexOf(id) ? [] : ['place'];
}

function titleOf({ elements }: WidgetDocument, id: string): string {
  const element = valueAt(elements, id) as Element;
  return element.title ?? definitionOf(element).title(element);
}
