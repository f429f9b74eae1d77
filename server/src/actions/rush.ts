const windowMs = 1000;

/** From so many submissions in a second on, visitors would wait behind what follows those before them. */
const many = 200;
/** Deliveries that are begun in such a second all the same. */
const few = 10;

/**
 * Whether visitors send so much that they come first. Deliveries are kept and lose nothing by waiting; a visitor sees each moment
 * (bench/submissions).
 */
export class Rush {
  #window = 0;
  #before = 0;
  #came = 0;
  #begun = 0;

  /** Somebody has sent something; `now` in ms. */
  came(now: number): void {
    this.#move(now);
    this.#came++;
  }

  /** Whether a delivery may be begun now. */
  isRoom(now: number): boolean {
    this.#move(now);
    return Math.max(this.#before, this.#came) < many || this.#begun < few;
  }

  /** A delivery has been begun. */
  begun(): void {
    this.#begun++;
  }

  #move(now: number): void {
    const window = Math.floor(now / windowMs);
    if (window === this.#window) return;
    this.#before = window === this.#window + 1 ? this.#came : 0;
    this.#window = window;
    this.#came = 0;
    this.#begun = 0;
  }
}
