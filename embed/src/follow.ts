import type { CompiledWidget } from '@sirene/core/compile';

type Values = Readonly<Record<string, string>>;

/** What can follow a submission. */
export interface FollowPort {
  open(address: string): void;
  /** Opens another widget by its address name. */
  openWidget(name: string): void;
  close(): void;
  /** Shows the words of thanks. */
  thank(): void;
}

/** Longest value that goes along with an address, in characters. */
const longest = 200;

function withValues(address: string, values: Values): string {
  const url = new URL(address, document.baseURI);
  for (const [name, value] of Object.entries(values))
    if (value !== '') url.searchParams.set(name, value.slice(0, longest));
  return url.href;
}

/**
 * Does what follows a submission, as the widget says.
 *
 * @param values what was entered and may be told to the next page
 */
export function follow(after: CompiledWidget['after'], values: Values, port: FollowPort): void {
  if (after.type === 'page') port.open(after.values ? withValues(after.address, values) : after.address);
  else if (after.type === 'widget') port.openWidget(after.opens);
  else if (after.type === 'close') port.close();
  else port.thank();
}
