/** Calls back in a task of its own. */
export type Later = (call: () => void) => void;

let told: () => void = () => {};
let port: MessagePort | undefined;

// A message comes as soon as the browser has dealt with what is more urgent; timers in a chain wait 4 ms each.
const byMessage: Later = (call) => {
  told = call;
  port ??= openPort();
  port.postMessage(null);
};

function openPort(): MessagePort {
  const { port1, port2 } = new MessageChannel();
  port1.onmessage = () => told();
  return port2;
}

/**
 * Work that is done piece by piece, each in a task of its own, first come first served: many pieces that come at once, such
 * as the previews of a row that is scrolled into sight, never make one long task.
 */
export class InTurn {
  #waiting = new Set<() => void>();

  constructor(private readonly later: Later) {}

  /** Adds a piece. Returns what takes it back, so long as it has not been done. */
  add(work: () => void): () => void {
    this.#waiting.add(work);
    if (this.#waiting.size === 1) this.later(this.#next);
    return () => this.#waiting.delete(work);
  }

  #next = (): void => {
    const [work] = this.#waiting;
    if (!work) return;
    this.#waiting.delete(work);
    if (this.#waiting.size > 0) this.later(this.#next);
    work();
  };
}

/** Previews that are to be drawn. */
export const previews = new InTurn(byMessage);
