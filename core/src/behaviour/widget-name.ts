/**
 * The address name of a widget as people read it.
 *
 * @example titleOfName('ask-the-observatory') // '“Ask the observatory”'
 */
export function titleOfName(slug: string): string {
  if (!slug) return '(no widget chosen yet)';
  const words = slug.replaceAll('-', ' ');
  return `“${words.charAt(0).toUpperCase()}${words.slice(1)}”`;
}
