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
  let before = '';
  csstree.tokenize(css, (type: number, start: number, end: number) => {
    const text = css.slice(start, end);
    if (type === AtKeyword) importing = csstree.ident.decode(text.slice(1)).toLowerCase() === 'import';
    const address =
      type === Url ? csstree.url.decode(text) : type === StringToken ? csstree.string.decode(text) : null;
    // A string right after "url(", "src(" or a comma of "image-set(" is an address.
    const opens = importing || before.endsWith('(') || before === ',';
    if (address !== null && (type === Url || opens) && !mayLoad(address))
      out.push(type === Url ? 'url()' : '""');
    // "u\\72l(" is "url(" to a browser, and nothing to this tokenizer.
    else out.push(type === FunctionToken && text.includes('\\') ? 'escaped(' : text);
    if (type === WhiteSpace || type === Comment) return;
    before = text;
    if (type !== AtKeyword && type !== FunctionToken) importing = false;
  });
  return out.join('');
}
