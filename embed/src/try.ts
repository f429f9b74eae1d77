/**
 * By what the token is kept in this tab; also in the name of the window while a try goes on, since asking the storage on
 * every page of every visitor is dear (15 ms at a quarter of the speed, bench/page).
 */
const key = 'sirene:try';

/** What a link of the studio ends in; 256 random bits, base64url. */
const fragment = /^#sirene-try=([\w-]{43})$/;

/** The token of a try: from the address, which forgets it, or from a page of this tab before. */
export function tryToken(view: Window): string | null {
  const { location, history } = view;
  try {
    const token = fragment.exec(location.hash)?.[1];
    if (!token) return view.name.includes(key) ? view.sessionStorage.getItem(key) : null;
    view.sessionStorage.setItem(key, token);
    view.name += key;
    history.replaceState(history.state, '', location.pathname + location.search);
    return token;
  } catch {
    // Storage is forbidden: there is no try on this page.
    return null;
  }
}

/** Ends a try in this tab. */
export function endTry(view: Window): void {
  view.name = view.name.replaceAll(key, '');
  view.sessionStorage.removeItem(key);
}
