import sanitizeHtml from 'sanitize-html';
import { quietCss } from '@sirene/core/compile/foreign';
import { isPrivateHost } from '../net/addresses.js';

/**
 * Makes a still copy of a page: its markup and styles without anything that runs, navigates or sends, and without
 * what would make the browser of whoever looks at it ask hosts of their own network.
 *
 * @param address where the page is from; relative addresses in it are read from there
 * @param origins the site's own, which may be asked whatever they are
 */
export function stillPage(html: string, address: string, origins: readonly string[]): string {
  const mayLoad = (source: string): boolean => {
    if (!URL.canParse(source, address)) return false;
    const { protocol, origin, hostname } = new URL(source, address);
    if (protocol === 'data:' || origins.includes(origin)) return true;
    return /^https?:$/.test(protocol) && !isPrivateHost(hostname);
  };
  const body = sanitizeHtml(html, {
    allowedTags: false,
    allowedAttributes: false,
    allowVulnerableTags: true,
    allowedSchemes: ['http', 'https', 'data', 'mailto', 'tel'],
    exclusiveFilter: ({ tag, attribs }) =>
      dropped.has(tag) || (tag === 'link' && attribs['rel'] !== 'stylesheet'),
    nonTextTags: ['script', 'noscript', 'template', 'iframe', 'object', 'embed', 'textarea', 'option'],
    parseStyleAttributes: false,
    transformTags: { '*': (tag, attribs) => still(tag, attribs, mayLoad) },
  });
  const base = sanitizeHtml.simpleTransform('base', { href: address })('base', {}).attribs['href'];
  return `<!doctype html><base href="${(base ?? '').replace(/"/g, '&quot;')}">${withStyles(body, (css) => quietCss(css, mayLoad))}`;
}

const dropped = new Set([
  'script',
  'noscript',
  'iframe',
  'object',
  'embed',
  'base',
  'template',
  'frame',
  'frameset',
  'portal',
]);

// What runs, sends, or tells somebody that a link was followed.
const active = /^(on.*|srcdoc|formaction|action|ping|attributionsrc|manifest)$/;

/** Attributes by which a browser loads something at once. */
const loading = new Set(['src', 'poster', 'background', 'data', 'xlink:href']);

function still(tagName: string, attribs: Record<string, string>, mayLoad: (source: string) => boolean) {
  const refreshes = tagName === 'meta' && 'http-equiv' in attribs;
  const loads = (name: string) =>
    loading.has(name) || (name === 'href' && tagName !== 'a' && tagName !== 'area');
  const kept = Object.entries(attribs).flatMap(([name, value]) => {
    if (refreshes || active.test(name)) return [];
    if (loads(name)) return mayLoad(value) ? [[name, value]] : [];
    if (name === 'srcset' || name === 'imagesrcset')
      return [
        [
          name,
          value
            .split(',')
            .filter((one) => mayLoad(one.trim().split(/\s/)[0] ?? ''))
            .join(','),
        ],
      ];
    return [[name, name === 'style' ? quietCss(value, mayLoad) : value]];
  });
  return { tagName, attribs: Object.fromEntries(kept) as Record<string, string> };
}

// The sanitiser writes the text of style elements as it came, and nothing else that looks like one.
function withStyles(html: string, change: (css: string) => string): string {
  const out: string[] = [];
  let at = 0;
  for (;;) {
    const start = html.indexOf('<style', at);
    const open = start < 0 ? -1 : html.indexOf('>', start) + 1;
    const end = open <= 0 ? -1 : html.indexOf('</style>', open);
    if (end < 0) return out.join('') + html.slice(at);
    out.push(html.slice(at, open), change(html.slice(open, end)));
    at = end;
  }
}
