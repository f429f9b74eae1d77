/** Failures in a row after which a target is let be, and for how long then, ms: the first time, and the longest. */
const most = 5;
const [shortest, longest] = [15_000, 60_000];
/** Targets remembered at once; those that failed longest ago are forgotten first. */
const kept = 5000;

interface State {
  failures: number;
  /** Until when it is let be; one is tried after that, to see whether it is back. */
  restsUntil: number;
}

/** Lets a target be that fails again and again, so that its many deliveries do not take the turns of others. */
export class Breaker {
  readonly #states = new Map<string, State>();

  /** How many deliveries to a target may be under way now: any number, one to see whether it is back, or none. */
  room(target: string, now: number): number {
    const state = this.#states.get(target);
    if (!state || state.failures < most) return Infinity;
    return now >= state.restsUntil ? 1 : 0;
  }

  /** Those that failed and have not been had since. */
  targets(): Iterable<string> {
    return this.#states.keys();
  }

  succeeded(target: string): void {
    this.#states.delete(target);
  }

  /** Somebody wants all to be tried now. */
  forget(): void {
    this.#states.clear();
  }

  failed(target: string, now: number): void {
    const failures = (this.#states.get(target)?.failures ?? 0) + 1;
    const rest = Math.min(shortest * 2 ** Math.max(0, failures - most), longest);
    this.#states.delete(target);
    this.#states.set(target, { failures, restsUntil: now + rest });
    const [oldest] = this.#states.keys();
    if (this.#states.size > kept && oldest !== undefined) this.#states.delete(oldest);
  }
}
