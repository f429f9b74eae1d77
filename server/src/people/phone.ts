import { createRequire } from 'node:module';
import { isSupportedCountry, parsePhoneNumberFromString } from 'libphonenumber-js/core';
import type { CountryCode, MetadataJson } from 'libphonenumber-js/core';

// Required, as modules can't import JSON alike everywhere yet.
const metadata = createRequire(import.meta.url)('libphonenumber-js/metadata.min.json') as MetadataJson;

/**
 * A phone number as all the world dials it (ITU-T E.164).
 *
 * @param country whose numbers need no prefix (ISO 3166-1)
 * @returns `undefined` where it can't be told; `null` where it can, and there is no such number
 */
export function e164(text: string, country = ''): string | null | undefined {
  const isInternational = text.trim().startsWith('+');
  const code = country as CountryCode;
  const home = isSupportedCountry(code, metadata) ? code : undefined;
  if (!isInternational && home === undefined) return undefined;
  const number = parsePhoneNumberFromString(text, { ...(home && { defaultCountry: home }) }, metadata);
  return number?.isPossible() ? number.number : null;
}
