/** Whether a text holds every word of what somebody has typed, in capitals or not. */
export function holdsWords(text: string, typed: string): boolean {
  const held = text.toLowerCase();
  return typed
    .toLowerCase()
    .split(/\s+/)
    .every((word) => held.includes(word));
}
