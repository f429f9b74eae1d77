import { typesIn } from '@sirene/core/base/page-types';

/** What a page says that it is: by its structured data, its Open Graph type and a meta tag of the name `page-type`. */
export const typesOf = (page: Document): string[] =>
  typesIn(
    Array.from(page.querySelectorAll('script[type="application/ld+json"]'), (one) => one.textContent),
    Array.from(
      page.querySelectorAll('meta[property="og:type"],meta[name="page-type"]'),
      (one) => one.getAttribute('content') ?? '',
    ),
  );
