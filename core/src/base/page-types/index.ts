/**
 * What a page says that it is, in small letters: `article`, `product`.
 *
 * @param structured the texts of its JSON-LD scripts (JSON-LD 1.1, `@type`)
 * @param named its Open Graph type, and what a meta tag of the name `page-type` says
 */
export function typesIn(structured: Iterable<string>, named: Iterable<string>): string[] {
  const found = new Set<string>();
  const add = (type: unknown) => {
    // "https://schema.org/Article" is an Article.
    if (typeof type === 'string') found.add(type.slice(type.lastIndexOf('/') + 1).toLowerCase());
  };
  const look = (data: unknown) => {
    if (typeof data !== 'object' || data === null) return;
    if (Array.isArray(data)) return data.forEach(look);
    const { '@type': type, '@graph': graph } = data as Record<string, unknown>;
    [type].flat().forEach(add);
    look(graph);
  };
  for (const text of structured)
    try {
      look(JSON.parse(text));
    } catch {
      // The page's own mistake, be it no JSON or nested beyond all measure; it says nothing by it.
    }
  for (const type of named) add(type);
  return [...found];
}
