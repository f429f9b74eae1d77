import type { CompiledWidget } from '@sirene/core/compile';

/**
 * Where on a page a widget stands that is not free: the element it hangs on, or its marker.
 *
 * @returns `null` where the page has none
 * @throws DOMException when it hangs on what is no selector
 */
export const placeOf = (page: Document, slug: string, { placement }: CompiledWidget): Element | null =>
  page.querySelector(placement.type === 'anchored' ? placement.to : `[data-sirene="${CSS.escape(slug)}"]`);
