/** The address of a site as people type it, with or without its scheme; `null` when it is none. */
export function siteAddress(typed: string): URL | null {
  const text = typed.trim();
  const whole = /^[a-z][a-z0-9+.-]*:\/\//i.test(text) ? text : `https://${text}`;
  if (text === '' || !URL.canParse(whole)) return null;
  const address = new URL(whole);
  const isWeb = address.protocol === 'http:' || address.protocol === 'https:';
  const isHost = address.hostname.includes('.') || address.hostname === 'localhost';
  if (!isWeb || !isHost || address.username !== '') return null;
  address.hash = '';
  return address;
}
