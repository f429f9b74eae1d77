/** Makes an address name of a name: small letters, digits and dashes, at most 60 characters. */
export function slugOf(name: string): string {
  const plain = name
    .normalize('NFKD')
    .replace(/\p{M}+|['’]/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .slice(0, 60)
    .replace(/^-+|-+$/g, '');
  return plain || 'widget';
}

/** The first of `name`, `name-2`, `name-3` … that is not taken. */
export function freeSlug(name: string, taken: ReadonlySet<string>): string {
  const slug = slugOf(name);
  if (!taken.has(slug)) return slug;
  let count = 2;
  while (taken.has(`${slug}-${count}`)) count++;
  return `${slug}-${count}`;
}
