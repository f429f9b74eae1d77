import { served } from '@sirene/core/base/served';
import { h, Html, type CompiledWidget } from '@sirene/core/compile';
import { fontFaces, htmlPage, styleElement } from '../shared/html-page.js';

/** A widget that is a page of its own: the page, with the site's script and the widget's place. */
export function hostedPage(name: string, slug: string, siteKey: string, body: CompiledWidget): string {
  return htmlPage(
    { title: name, lang: body.lang, dir: body.dir },
    [styleElement(fontFaces(body.fonts)), h('script', { async: true, src: `/s/${siteKey}.js` })],
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
  return htmlPage(
    { title: name, lang: body.lang, dir: body.dir },
    [styleElement(fontFaces(body.fonts, base))],
    [h('main', {}, template)],
  );
}

/** A page that has nothing of its own: its script brings one widget, and opens it. */
export const windowPage = (title: string, script: string): string =>
  htmlPage({ title }, [h('script', { async: true, src: script })], [h('main', {})]);
