const key = 'sirene:try';

/** What a link of the studio ends in; 256 random bits, base64url. */
const fragment = /^#sirene-try=([\w-]{43})$/;

/** The token of a try: from the address, which forgets it, or from a page of this tab before. */
export function tryToken({ location, history, sessionStorage }: Window): string | null {
  try {
    const [, token] = fragment.exec(location.hash) ?? [];
    if (!token) return sessionStorage.getItem(key);
    sessionStorage.setItem(key, token);
    history.replaceState(history.state, '', location.pathname + location.search);
    return token;
  } catch {
    // Storage is forbidden: there is no try on this page.
    return null;
  }
}

/** Ends a try in this tab. */
export const endTry = ({ sessionStorage }: Window): void => sessionStorage.removeItem(key);
