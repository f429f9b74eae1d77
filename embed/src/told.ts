/** Something that the page tells when it likes: what is so now, and those who follow it. */
export class Told {
  #value: unknown;
  readonly #followers = new Set<(value: unknown) => void>();

  /** Takes what the page tells, and passes it on. */
  tell(value: unknown): void {
    this.#value = value;
    for (const follower of this.#followers) follower(value);
  }

  /** What the page has told last; `undefined` where it has told nothing yet. */
  get value(): unknown {
    return this.#value;
  }

  /** Calls with what is told from now on; returns what ends that. */
  follow(follower: (value: unknown) => void): () => void {
    this.#followers.add(follower);
    return () => this.#followers.delete(follower);
  }
}
