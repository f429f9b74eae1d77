/** What a token may be called, from what somebody typed; empty where nothing is left. */
export const tokenName = (typed: string): string =>
  typed
    .trim()
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 40);
