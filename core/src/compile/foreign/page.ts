import { Parser } from 'htmlparser2';

/** What a page says of itself: its title, and where its style comes from. */
export interface PageParts {
  title: string;
  /** The style sheets it holds, and its style attributes as rules of their element, one text. */
  css: string;
  /** The addresses of the sheets that it links to, as they stand there. */
  sheets: string[];
}

const mostSheets = 100;

/** Reads a page's title and styles (HTML, 13.2.5: its tokens alone). Linear in the source; check its budget before. */
export function readPage(html: string): PageParts {
  const parts: PageParts = { title: '', css: '', sheets: [] };
  let inside: 'title' | 'style' | null = null;
  let titled = false;
  const css: string[] = [];
  const title: string[] = [];
  const parser = new Parser({
    onopentag(name, { style, rel = '', href }) {
      if (style) css.push(`\n${name}{${style}}`);
      if (name === 'style') inside = 'style';
      else if (name === 'title' && !titled) inside = 'title';
      else if (
        name === 'link' &&
        href &&
        /(^|\s)stylesheet(\s|$)/i.test(rel) &&
        parts.sheets.length < mostSheets
      )
        parts.sheets.push(href);
    },
    ontext(text) {
      if (inside === 'style') css.push(text);
      else if (inside === 'title') title.push(text);
    },
    onclosetag(name) {
      if (name === 'title') titled = true;
      if (inside === 'style') css.push('\n');
      inside = null;
    },
  });
  parser.end(html);
  return { ...parts, css: css.join(''), title: title.join('').replace(/\s+/g, ' ').trim() };
}
