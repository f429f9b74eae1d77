/**
 * Compiles an address pattern into a test.
 *
 * A pattern is compared with the path (`/journal/*`), with path and query when it holds a `?`, or with the whole address
 * when it starts with a scheme. `*` stands for any run of characters. A closing slash in address or pattern does not matter.
 * Matching is linear in the address for any pattern: no regular expression is built from what a designer typed.
 *
 * @example compilePattern('/journal/*')('https://larkmoor.example/journal/moon?x=1') // true
 */
export function compilePattern(pattern: string): (address: string) => boolean {
  const wanted = pattern.trim();
  const whole = /^[a-z]+:\/\//i.test(wanted);
  const withQuery = wanted.includes('?');
  const subject = (address: string) => {
    const end = cut(address, withQuery ? ['#'] : ['?', '#']);
    return bare(whole ? end : pathOf(end));
  };
  const pieces = (wanted.endsWith('*') ? wanted : bare(wanted)).split('*');
  const first = pieces[0] as string;
  if (pieces.length === 1) return (address) => subject(address) === first;
  const last = pieces[pieces.length - 1] as string;
  const middle = pieces.slice(1, -1).filter(Boolean);
  const folder = bare(first);
  return (address) => {
    const text = subject(address);
    // "/journal/*" also means the journal's own page.
    if (pieces.length === 2 && !last && text === folder) return true;
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

function cut(address: string, marks: string[]): string {
  let end = address.length;
  for (const mark of marks) {
    const at = address.indexOf(mark);
    if (at >= 0 && at < end) end = at;
  }
  return address.slice(0, end);
}

function pathOf(address: string): string {
  const start = address.indexOf('//');
  if (start < 0) return address;
  const slash = address.indexOf('/', start + 2);
  return slash < 0 ? '/' : address.slice(slash);
}

const bare = (text: string): string => (text.length > 1 && text.endsWith('/') ? text.slice(0, -1) : text);
