/** What a chat's own window is called: by it the window knows whose conversation it shows, and no server is told. */
const prefix = 'sirene-chat-';

/** How large the window is, px. */
const size = 'popup,width=420,height=720';

/**
 * Opens a chat in a window of its own, which goes on while the page is left; opened once more, it comes to the front.
 *
 * @param address of the window's page on the server
 * @param token by which the server knows the visitor
 */
export function openOwnWindow(address: string, token: string): void {
  window.open(address, prefix + token, size);
}

/** Whether this page is a chat's own window: one of the server that the script comes from. */
export const isOwnWindow = (server: string, { location }: Window = window): boolean =>
  location.origin === server && /^\/p\/[^/]+\/window\//.test(location.pathname);

/**
 * The token that a chat's own window was opened with; `undefined` on any other page. A page of a client's site never goes by its
 * window's name: whoever opened it may have given it that.
 *
 * @param server where the script comes from
 */
export function tokenOfWindow(server: string, view: Window = window): string | undefined {
  const { name } = view;
  const token = isOwnWindow(server, view) && name.startsWith(prefix) ? name.slice(prefix.length) : '';
  return /^[0-9a-f]{32}$/.test(token) ? token : undefined;
}
