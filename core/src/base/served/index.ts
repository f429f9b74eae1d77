/**
 * Turns the addresses of uploads and typefaces, as documents and compiled widgets name them, into those they are served from.
 *
 * @param base origin of the server; empty for addresses of its own pages
 * @example served('url(asset:0123456789abcdef/full.svg)', 'https://s.example') // 'url(https://s.example/a/0123456789abcdef/full.svg)'
 */
export const served = (text: string, base: string): string =>
  text
    .replace(/asset:([a-z0-9]{16,40}\/?[a-z0-9.-]*)/g, `${base}/a/$1`)
    .replace(/fonts:([a-z0-9-]+\.woff2)/g, `${base}/fonts/$1`);
