import * as csstree from 'css-tree';

const {
  AtKeyword,
  Function: FunctionToken,
  String: StringToken,
  Url,
  WhiteSpace,
  Comment,
} = csstree.tokenTypes;

/**
 * A style sheet whose addresses lead only where they may; the others are empty (CSS Syntax 3: its tokens alone are looked
 * at). Linear in the source.
 */
export function quietCss(css: string, mayLoad: (source: string) => boolean): string {
  const out: string[] = [];
  let importing = false;
  csstree.tokenize(css, (type: number, start: number, end: number) => {
    const text = css.slice(start, end);
    if (type === AtKeyword) importing = text.toLowerCase() === '@import';
    const address =
      type === Url ? csstree.url.decode(text) : type === StringToken ? csstree.string.decode(text) : null;
    const opens = importing || (type === StringToken && lastFunction(out));
    if (address !== null && (type === Url || opens) && !mayLoad(address))
      out.push(type === Url ? 'url()' : '""');
    else out.push(text);
    if (importing && type !== AtKeyword && type !== WhiteSpace && type !== Comment && type !== FunctionToken)
      importing = false;
  });
  return out.join('');
}

// A string right after "url(", "src(" or "image-set(" is an address.
function lastFunction(out: readonly string[]): boolean {
  const before = out.findLast((text) => text.trim() !== '') ?? '';
  return before.endsWith('(') || before === ',';
}
