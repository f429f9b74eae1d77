import type { CompiledWidget } from '@sirene/core/compile';

/** What can follow a submission. */
export interface FollowPort {
  open(address: string): void;
  close(): void;
  /** Shows the words of thanks. */
  thank(): void;
}

/** Does what follows a submission, as the widget says. */
export function follow(after: CompiledWidget['after'], port: FollowPort): void {
  if (after.type === 'page') port.open(after.address);
  else if (after.type === 'close') port.close();
  else port.thank();
}
