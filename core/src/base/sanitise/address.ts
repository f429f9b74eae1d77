/** Where an address is used: a link may open mail or a telephone, a page a visitor is sent to may not. */
export type AddressUse = 'link' | 'page';

const schemes: Record<AddressUse, readonly string[]> = {
  link: ['http:', 'https:', 'mailto:', 'tel:'],
  page: ['http:', 'https:'],
};

// Browsers drop these before they read the scheme, so "java\nscript:" is a script address (WHATWG URL, 4.4).
// eslint-disable-next-line no-control-regex
const ignoredByBrowsers = /[\u0000-\u0020\u007f-\u009f\u00ad\u200b-\u200f\u2028\u2029\u202a-\u202e\ufeff]/g;

/**
 * Checks an address that will become an `href` or a navigation.
 *
 * Relative addresses, fragments and queries are kept; absolute ones only with an allowed scheme.
 *
 * @param address what the designer or an import supplied, at most 2048 characters
 * @returns the address as it may be written, or `null` when it must not be used
 * @example safeAddress('/shop?from=letter') // '/shop?from=letter'
 * @example safeAddress('java\nscript:alert(1)') // null
 */
export function safeAddress(address: string, use: AddressUse = 'link'): string | null {
  const trimmed = address.trim();
  if (trimmed === '' || trimmed.length > 2048) return null;
  const compact = trimmed.replace(ignoredByBrowsers, '').toLowerCase();
  const scheme = /^([a-z][a-z0-9+.-]*:)/.exec(compact)?.[1];
  if (scheme) return schemes[use].includes(scheme) && compact.length === trimmed.length ? trimmed : null;
  // "\\host" and "/\host" leave the site in browsers, so a back slash is never part of a relative address.
  if (compact.includes('\\')) return null;
  return compact.length === trimmed.length ? trimmed : encoded(trimmed);
}

// Half a character (a lone surrogate) can't be written in an address.
function encoded(address: string): string | null {
  try {
    return encodeURI(address);
  } catch {
    return null;
  }
}

/** The scheme by which a document names an image, video or font that was uploaded: `asset:` and its id. */
export const assetScheme = 'asset:';

const asset = /^asset:[a-z0-9]{16,40}(\/[a-z0-9.-]{1,40})?$/;

/** The address of an image as a whole: an upload is named by its id alone, and served in several sizes. */
export const wholeImage = (address: string): string =>
  address.startsWith(assetScheme) && !address.includes('/') ? `${address}/full.webp` : address;

/** Whether an address names a file that was uploaded, to be handed over as it is. */
export const isUploadedFile = (address: string): boolean => asset.test(address) && address.includes('/');

/**
 * Checks the address of an image: one that was uploaded, or one on the web by https.
 *
 * @returns the address as it may be written into CSS or HTML, or `null` when it must not be used
 */
export function safeImage(address: string): string | null {
  if (asset.test(address)) return address;
  const checked = /^https:\/\//i.test(address) ? safeAddress(address, 'page') : null;
  return checked === null
    ? null
    : checked.replace(/["'()\\<>\s]/g, (mark) => `%${mark.charCodeAt(0).toString(16).padStart(2, '0')}`);
}
