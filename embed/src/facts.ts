import type { PageFacts } from '@sirene/core/behaviour';

/** Longest campaign parameter that is kept, characters. */
const longest = 200;

/**
 * What a page tells of itself, from the page as it stands.
 *
 * @param address what is asked for: on the stage that of the copied page, not of the frame
 * @param types what the page says that it is, where some rule asks for that (parts/page-types.ts)
 */
export const factsOf = (page: Document, address: string, types: readonly string[] = []): PageFacts => {
  const view = page.defaultView as Window;
  return {
    ...cameFrom(address, page.referrer),
    address,
    // As media queries have it. That of the root would have the page laid out before its time (bench/page).
    width: view.innerWidth,
    markers: [...page.querySelectorAll<HTMLElement>('[data-sirene]')].map(
      (place) => place.dataset['sirene'] as string,
    ),
    touch: view.matchMedia('(pointer:coarse)').matches,
    language: view.navigator.language,
    types,
    ahead: -new Date().getTimezoneOffset(),
  };
};

/** What the address of a page and that of the one before say of where the visitor came from. */
export function cameFrom(address: string, referrer: string): Pick<PageFacts, 'from' | 'campaign'> {
  const { searchParams, host } = new URL(address);
  const before = referrer && new URL(referrer).host;
  const campaign: Record<string, string> = {};
  for (const [name, value] of searchParams)
    if (name.startsWith('utm_')) campaign[name] = value.slice(0, longest);
  return {
    from: before === host ? '' : before.replace(/^www\./, ''),
    campaign,
  };
}
