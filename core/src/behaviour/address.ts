/** An address in the forms that patterns are compared with; taken apart once a page, since many patterns ask. */
export interface Place {
  /** Without query and fragment, and without a closing slash. */
  whole: string;
  path: string;
  /** The path with the query. */
  pathAndQuery: string;
}

/** Takes an address apart. */
export function placeOf(address: string): Place {
  const [withQuery = ''] = address.split('#', 1);
  const [withoutQuery = ''] = withQuery.split('?', 1);
  const whole = bare(withoutQuery);
  return { whole, path: pathOf(whole), pathAndQuery: bare(pathOf(withQuery)) };
}

/**
 * Compiles an address pattern into a test.
 *
 * A pattern is compared with the path (`/journal/*`), with path and query when it holds a `?`, or with the whole address
 * when it starts with a scheme. `*` stands for any run of characters. A closing slash in address or pattern does not matter.
 * Matching is linear in the address for any pattern: no regular expression is built from what a designer typed.
 *
 * @example compilePattern('/journal/*')(placeOf('https://larkmoor.example/journal/moon?x=1')) // true
 */
export function compilePattern(pattern: string): (place: Place) => boolean {
  const wanted = pattern.trim();
  const key = /^[a-z]+:\/\//i.test(wanted) ? 'whole' : wanted.includes('?') ? 'pathAndQuery' : 'path';
  const pieces = (wanted.endsWith('*') ? wanted : bare(wanted)).split('*');
  const first = pieces[0] as string;
  if (pieces.length === 1) return (place) => place[key] === first;
  const last = pieces.at(-1) as string;
  const folder = bare(first);
  // "/journal/*" is what nearly all patterns are, and also means the journal's own page.
  if (pieces.length === 2 && !last) return (place) => place[key].startsWith(first) || place[key] === folder;
  const middle = pieces.slice(1, -1).filter(Boolean);
  return (place) => {
    const text = place[key];
    if (text.length < first.length + last.length || !text.startsWith(first) || !text.endsWith(last))
      return false;
    const end = text.length - last.length;
    let at = first.length;
    for (const piece of middle) {
      at = text.indexOf(piece, at);
      if (at < 0 || at + piece.length > end) return false;
      at += piece.length;
    }
    return true;
  };
}

/** Whether a text can be a pattern: a path, anything at all, or a whole address. */
export const isPattern = (text: string): boolean => /^(\/|\*|https?:\/\/)/.test(text);

function pathOf(address: string): string {
  const start = address.indexOf('//');
  if (start < 0) return address;
  const slash = address.indexOf('/', start + 2);
  return slash < 0 ? '/' : address.slice(slash);
}

const bare = (text: string): string => (text.length > 1 && text.endsWith('/') ? text.slice(0, -1) : text);
