/** Something that the page tells when it likes: what is so now, and those who follow it. */
export class Told<T = unknown> {
  #value: T | undefined;
  readonly #followers = new Set<(value: T) => void>();

  /** Takes what the page tells, and passes it on. */
  readonly tell = (value: T): void => {
    this.#value = value;
    for (const follower of this.#followers) follower(value);
  };

  /** What the page has told last; `undefined` where it has told nothing yet. */
  get value(): T | undefined {
    return this.#value;
  }

  /** Calls with what is told from now on; returns what ends that. */
  follow(follower: (value: T) => void): () => void {
    this.#followers.add(follower);
    return () => this.#followers.delete(follower);
  }
}
