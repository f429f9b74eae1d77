import type { CompiledWidget } from '@sirene/core/compile';
import { placeOf } from '@sirene/embed/place';

/** Where a widget stands on the stage's page; `null` too for half a selector, while it is being typed. */
export function placeIn(page: Document, slug: string, body: CompiledWidget): Element | null {
  try {
    return placeOf(page, slug, body);
  } catch {
    return null;
  }
}
