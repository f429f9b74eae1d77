import { served } from '@sirene/core/base/served';
import { h, Html, type CompiledWidget } from '@sirene/core/compile';

const faces = ({ fonts }: CompiledWidget, base: string): string =>
  fonts
    .map(
      ({ family, src, weight, style }) =>
        `@font-face{font-family:"${family}";src:url("${served(src, base)}");font-weight:${weight};font-style:${style};font-display:swap}`,
    )
    .join('');

// A style element ends at its closing tag, whatever stands before it.
const styleElement = (css: string): Html => new Html(`<style>${css.replaceAll('</', '<\\/')}</style>`);

function document(title: string, { lang, dir }: CompiledWidget, head: Html[], body: Html[]): string {
  const page = h(
    'html',
    { lang: lang ?? 'en', dir: dir ?? null },
    h(
      'head',
      {},
      new Html(
        '<meta charset="utf-8"><meta name="viewport" content="width=device-width,initial-scale=1,viewport-fit=cover"><link rel="icon" href="data:,">',
      ),
      h('title', {}, title),
      ...head,
    ),
    h('body', { style: 'margin:0' }, ...body),
  );
  return `<!doctype html>${page.text}`;
}

/** A widget that is a page of its own: the page, with the site's script and the widget's place. */
export function hostedPage(name: string, slug: string, siteKey: string, body: CompiledWidget): string {
  return document(
    name,
    body,
    [styleElement(faces(body, '')), h('script', { async: true, src: `/s/${siteKey}.js` })],
    [h('main', { 'data-sirene': slug })],
  );
}

/** A widget as one file that needs nothing else: its opening, drawn without any script. */
export function standalonePage(name: string, body: CompiledWidget, base: string): string {
  const still =
    '.box:not([open],:popover-open){display:flex}.box{position:relative!important;inset:auto!important;margin:auto}';
  const template = h(
    'template',
    { shadowrootmode: 'open' },
    styleElement(served(body.css, base) + (body.stand === 'inline' ? '' : still)),
    h(
      'section',
      { class: 'box', 'aria-label': body.label },
      new Html(
        served(
          `<div class="header">${body.header}</div><div class="scene">${body.scenes.opening ?? ''}</div><div class="footer">${body.footer}</div>`,
          base,
        ),
      ),
    ),
  );
  return document(name, body, [styleElement(faces(body, base))], [h('main', {}, template)]);
}
