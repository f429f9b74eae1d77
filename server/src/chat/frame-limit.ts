/** Frames that may come at once, and per second after that. */
const burst = 60;
const perSecond = 20;

/** A line of which more frames than these wait for their turn, for longer than that (ms), is cut. */
export const flood = { frames: 60, ms: 3000 };

/** How often one line may send: what is above it waits, so that a line that is too busy slows only itself. */
export class FrameLimit {
  #left = burst;
  #at: number;

  /** @param now ms */
  constructor(now: number) {
    this.#at = now;
  }

  /**
   * Takes one frame.
   *
   * @returns after how many ms it may be read; 0 at once
   */
  take(now: number): number {
    this.#left = Math.min(burst, this.#left + ((now - this.#at) / 1000) * perSecond);
    this.#at = now;
    this.#left -= 1;
    return this.#left >= 0 ? 0 : Math.ceil((-this.#left / perSecond) * 1000);
  }
}
