import type { PageFacts } from '@sirene/core/behaviour';

/**
 * What a page tells of itself, from the page as it stands.
 *
 * @param address what is asked for: on the stage that of the copied page, not of the frame
 */
export const factsOf = (page: Document, address: string): PageFacts => ({
  address,
  width: page.documentElement.clientWidth,
  markers: [...page.querySelectorAll<HTMLElement>('[data-sirene]')].map(
    (place) => place.dataset['sirene'] as string,
  ),
});
