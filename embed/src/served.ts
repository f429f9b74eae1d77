/** Turns the addresses of uploads and typefaces into those they are served from. */
export const served = (text: string, base: string): string =>
  text
    .replace(/asset:([a-z0-9]{16,40}\/?[a-z0-9.-]*)/g, `${base}/a/$1`)
    .replace(/fonts:([a-z0-9-]+\.woff2)/g, `${base}/fonts/$1`);
