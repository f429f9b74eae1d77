import { directionOf } from '@sirene/core/base/messages';
import { served } from '@sirene/core/base/served';
import { h, type Html } from '@sirene/core/compile';
import { fontsIn, type Brand } from '@sirene/core/style';
import { faceOf } from './brand-face.js';
import { fontFaces, htmlPage, styleElement } from './html-page.js';
import { languageOf } from './site-language.js';

/** What a page of Sirene's own says to a visitor, in the look of the site. */
export interface Said {
  title: string;
  /** One paragraph each. */
  text: readonly string[];
  /** What they can do: sent by POST to the page's own address. */
  button?: string;
  /** Where they can go from here. */
  link?: { label: string; href: string };
  /** Where it goes on by itself at once; by this way it may be any site, as a form may not. */
  goesTo?: string;
  /** Facts, a line each. */
  facts?: readonly (readonly [name: string, value: string])[];
}

/** What such a page may load and do: its own pictures and typefaces, and its own form; no script at all. */
export const brandPagePolicy =
  "default-src 'none'; style-src 'unsafe-inline'; img-src 'self' data:; font-src 'self'; base-uri 'none'; frame-ancestors 'none'; form-action 'self'";

const layout = `
*{box-sizing:border-box}
body{min-height:100vh;display:grid;place-items:center;padding:24px;line-height:1.55;font-size:17px}
main{width:100%;max-width:520px;padding:40px;border:1px solid;border-radius:10px}
.mark{display:flex;align-items:center;gap:12px;margin:0 0 28px;font-weight:600}
.mark img{width:36px;height:36px;object-fit:contain}
h1{font-size:28px;line-height:1.2;margin:0 0 14px;font-weight:600;text-wrap:balance}
p{margin:0 0 14px}
button{font:inherit;font-weight:600;min-height:48px;padding:10px 24px;border:0;border-radius:6px;cursor:pointer;margin-top:10px}
.on{margin:22px 0 0}
button:focus-visible,a:focus-visible{outline:3px solid;outline-offset:3px}
a{color:inherit;text-underline-offset:3px}
dl{margin:22px 0;display:grid;grid-template-columns:auto minmax(0,1fr);gap:6px 20px}
dt{opacity:.75}
dd{margin:0;text-align:end;overflow-wrap:anywhere}
@media (max-width:480px){main{padding:28px 22px}}`;

/** A page that stands by itself in the brand of a site: what a link in a mail leads to. */
export function brandPage(
  brand: Brand,
  siteName: string,
  { title, text, button, link, goesTo, facts = [] }: Said,
): string {
  const face = faceOf(brand);
  const language = languageOf(brand);
  const colours = `
body{background:${face.soft};color:${face.ink};font-family:${face.textFont}}
main{background:${face.ground};border-color:${face.line}}
h1{font-family:${face.titleFont}}
button{background:${face.accent};color:${face.onAccent}}
button:focus-visible{outline-color:${face.accent}}`;
  const { logo } = brand;
  // The name beside it says whose page it is where the mark, made for another ground, is hard to see.
  const image: Html | null = logo ? h('img', { src: served(logo.src, ''), alt: '' }) : null;
  const form = button ? h('form', { method: 'post' }, h('button', { type: 'submit' }, button)) : null;
  const css = `${fontFaces(fontsIn(brand, colours))}${layout}${colours}`;
  return htmlPage(
    { title: `${title} · ${siteName}`, lang: language, dir: directionOf(language) },
    [
      h('meta', { name: 'robots', content: 'noindex' }),
      ...(goesTo === undefined ? [] : [h('meta', { 'http-equiv': 'refresh', content: `0;url=${goesTo}` })]),
      styleElement(css),
    ],
    [
      h(
        'main',
        {},
        h('p', { class: 'mark' }, image, siteName),
        h('h1', {}, title),
        ...text.map((line) => h('p', {}, line)),
        facts.length > 0
          ? h('dl', {}, ...facts.flatMap(([name, value]) => [h('dt', {}, name), h('dd', {}, value)]))
          : null,
        form,
        link ? h('p', { class: 'on' }, h('a', { href: link.href }, link.label)) : null,
      ),
    ],
  );
}
