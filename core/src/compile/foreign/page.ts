import { Parser } from 'htmlparser2';
import { typesIn } from '../../base/page-types/index.js';

/** What a page says of itself: its title, and where its style comes from. */
export interface PageParts {
  title: string;
  /** The style sheets it holds, and its style attributes as rules of their element, one text. */
  css: string;
  /** The addresses of the sheets that it links to, as they stand there. */
  sheets: string[];
  /** What it says that it is, and the inline widgets it has markers for, by their address names. */
  types: string[];
  markers: string[];
}

const mostSheets = 100;
const mostMarkers = 100;

/** Reads a page's title and styles (HTML, 13.2.5: its tokens alone). Linear in the source; check its budget before. */
export function readPage(html: string): PageParts {
  const parts: PageParts = { title: '', css: '', sheets: [], types: [], markers: [] };
  let inside: 'title' | 'style' | 'data' | null = null;
  let titled = false;
  const css: string[] = [];
  const title: string[] = [];
  const [structured, scripts, named]: [string[], string[], string[]] = [[], [], []];
  const parser = new Parser({
    onopentag(name, { style, rel = '', href, ...attributes }) {
      const marker = attributes['data-sirene'];
      if (marker && parts.markers.length < mostMarkers) parts.markers.push(marker);
      if (style) css.push(`\n${name}{${style}}`);
      if (name === 'meta' && (attributes['property'] === 'og:type' || attributes['name'] === 'page-type'))
        named.push(attributes['content'] ?? '');
      if (name === 'script' && attributes['type'] === 'application/ld+json') inside = 'data';
      else if (name === 'style') inside = 'style';
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
      else if (inside === 'data') structured.push(text);
    },
    onclosetag(name) {
      if (name === 'title') titled = true;
      if (inside === 'style') css.push('\n');
      // Texts come in pieces; those of one script end with it.
      if (inside === 'data') scripts.push(structured.splice(0).join(''));
      inside = null;
    },
  });
  parser.end(html);
  return {
    ...parts,
    types: typesIn(scripts, named),
    css: css.join(''),
    title: title.join('').replace(/\s+/g, ' ').trim(),
  };
}
