import { served } from '@sirene/core/base/served';
import { h, Html, type CompiledWidget } from '@sirene/core/compile';

/** The rules of a style sheet that load typefaces. */
export const fontFaces = (fonts: CompiledWidget['fonts'], base = ''): string =>
  fonts
    .map(
      ({ family, src, weight, style }) =>
        `@font-face{font-family:"${family}";src:url("${served(src, base)}");font-weight:${weight};font-style:${style};font-display:swap}`,
    )
    .join('');

// A style element ends at its closing tag, whatever stands before it.
export const styleElement = (css: string): Html => new Html(`<style>${css.replaceAll('</', '<\\/')}</style>`);

/** A page of HTML: its title, language and direction, what stands in its head, and its body. */
export function htmlPage(
  { title, lang, dir }: { title: string; lang?: string | undefined; dir?: string | undefined },
  head: readonly Html[],
  body: readonly Html[],
): string {
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
