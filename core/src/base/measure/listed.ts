/** Joins words as in "a, b or c". */
export function listed(words: readonly string[], last: 'and' | 'or'): string {
  if (words.length < 2) return words.join('');
  return `${words.slice(0, -1).join(', ')} ${last} ${words.at(-1)}`;
}
