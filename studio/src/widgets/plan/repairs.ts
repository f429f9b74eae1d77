import { placeOf, targetingOf, targetingParts } from '@sirene/core/behaviour';
import type { WidgetDocument } from '@sirene/core/document/widget';
import { at, get, put } from '../../shared/api/index.ts';

/** A change of when or where a widget appears, which settles a clash. */
export type Repair = (document: WidgetDocument) => WidgetDocument;

const mostPriority = 100;

/** Lets a widget appear before another of that priority. */
export const before =
  (priority: number): Repair =>
  ({ behaviour, ...document }) => ({
    ...document,
    behaviour: { ...behaviour, priority: Math.min(mostPriority, priority + 1) },
  });

/** Keeps a widget off a page. */
export const offPage =
  (address: string): Repair =>
  ({ behaviour, ...document }) => {
    const parts = targetingParts(behaviour.targeting);
    const { include, exclude } = parts.pages;
    const pages = { include, exclude: [...new Set([...exclude, placeOf(address).path])] };
    return { ...document, behaviour: { ...behaviour, targeting: targetingOf({ ...parts, pages }) } };
  };

/** Changes the draft of a widget as it is now. */
export async function changeDraft(id: string, repair: Repair): Promise<void> {
  const { draftVersion, document } = await get(at('/api/widgets/{widget}', { widget: id }));
  await put(at('/api/widgets/{widget}/draft', { widget: id }), {
    base: draftVersion,
    document: repair(document) as never,
  });
}
