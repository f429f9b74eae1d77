import { randomInt } from 'node:crypto';
import { Injectable, type OnModuleDestroy } from '@nestjs/common';

/** Wakes those who wait for something to happen to a conversation, or to any of a site. */
@Injectable()
export class ChatHub implements OnModuleDestroy {
  readonly #waiting = new Map<string, Set<() => void>>();
  readonly #counts = new Map<string, number>();
  // Another with each start, so that nobody takes a count of before for one of now.
  readonly #first = randomInt(1_000_000_000);
  #isEnding = false;

  /** How often something has happened: who knows the last count has missed nothing. */
  countOf(key: string): number {
    return this.#counts.get(key) ?? this.#first;
  }

  /** Counts what happens to any of a site, beside telling of it. */
  count(key: string): void {
    this.#counts.set(key, this.countOf(key) + 1);
  }

  /** Something has happened, and is stored. */
  tell(...keys: string[]): void {
    for (const key of keys) {
      const all = this.#waiting.get(key);
      this.#waiting.delete(key);
      all?.forEach((wake) => wake());
    }
  }

  /** Whether anybody waits. */
  isAwaited(key: string): boolean {
    return this.#waiting.has(key);
  }

  /**
   * Resolved once something happens to any of these, and at the latest when the time is over or the one who asked has gone.
   *
   * @param ms how long it is waited
   */
  wait(keys: readonly string[], ms: number, gone: AbortSignal): Promise<void> {
    if (this.#isEnding || gone.aborted) return Promise.resolve();
    return new Promise((done) => {
      const wake = () => {
        clearTimeout(timer);
        gone.removeEventListener('abort', wake);
        for (const key of keys) {
          const others = this.#waiting.get(key);
          others?.delete(wake);
          if (others?.size === 0) this.#waiting.delete(key);
        }
        done();
      };
      const timer = setTimeout(wake, ms);
      gone.addEventListener('abort', wake);
      for (const key of keys) this.#waiting.set(key, (this.#waiting.get(key) ?? new Set()).add(wake));
    });
  }

  /** The server ends: nobody is held. */
  onModuleDestroy(): void {
    this.#isEnding = true;
    this.tell(...this.#waiting.keys());
  }
}
