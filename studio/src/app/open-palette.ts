const event = 'sirene-find';

/** Opens the palette, as its key does. */
export const openPalette = (): boolean => dispatchEvent(new Event(event));

export function onOpenPalette(call: () => void): () => void {
  addEventListener(event, call);
  return () => removeEventListener(event, call);
}
