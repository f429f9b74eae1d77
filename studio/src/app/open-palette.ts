const event = 'sirene-find';

/** Opens the palette, as its key does. */
export const openPalette = (): boolean => dispatchEvent(new Event(event));

/** Calls back when the palette is asked for; returns what ends that. */
export function onOpenPalette(call: () => void): () => void {
  addEventListener(event, call);
  return () => removeEventListener(event, call);
}
