/** Longest name that is kept, in characters: what the form names it by, too. */
const longest = 120;

/**
 * The name of a file as it is kept: the last part of a path, without what no file system bears or what turns the direction of
 * reading around, so that an ending is where it seems to be.
 */
export function fileName(given: string): string {
  const [last = ''] = given.split(/[\\/]/).slice(-1);
  const plain = last
    .replace(/[\p{Cc}\p{Cf}\p{Cs}<>:"|?*]/gu, '')
    .replace(/\s+/g, ' ')
    .replace(/^[.\s]+|[.\s]+$/g, '');
  const ending = /\.[A-Za-z0-9]{1,8}$/.exec(plain)?.[0] ?? '';
  const stem = [...plain.slice(0, plain.length - ending.length)].slice(0, longest - ending.length).join('');
  return `${stem || 'file'}${ending}`.slice(0, longest);
}
