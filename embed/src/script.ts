const ours = Symbol.for('sirene');

/**
 * The script element that is running. Markup with a name or an id of its own can stand in for any property of the
 * document (DOM clobbering), so the property is read past it, and only a script is taken.
 */
export function ownScript(page: Document): HTMLScriptElement | null {
  const { get } = Object.getOwnPropertyDescriptor(Document.prototype, 'currentScript') ?? {};
  const script = get?.call(page) as Element | null | undefined;
  return script instanceof HTMLScriptElement && script.src ? script : null;
}

/** Whether the script runs on this page already; an element whose id is "sirene" is not it. */
export const isRunning = (view: Window): boolean =>
  (view as { sirene?: { [ours]?: unknown } }).sirene?.[ours] === true;

/** Puts the API where pages look for it, known as our own. */
export function announce(view: Window, api: object): void {
  Object.defineProperty(api, ours, { value: true });
  Object.defineProperty(view, 'sirene', { value: api, configurable: true });
}
