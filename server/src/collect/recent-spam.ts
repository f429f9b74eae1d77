/** What is looked back at, ms. */
const span = 600_000;

/** How much spam each site had lately. Kept in memory: after a restart an attack shows again within its first moments. */
export class RecentSpam {
  readonly #sites = new Map<string, { now: number; before: number; from: number }>();

  add(site: string, at: number): void {
    const counted = this.#turned(site, at);
    counted.now++;
    this.#sites.set(site, counted);
  }

  /** How many submissions were held back in the last ten minutes, as a sliding window that weighs the span before by its share. */
  of(site: string, at: number): number {
    const { now, before, from } = this.#turned(site, at);
    return now + before * Math.max(0, 1 - (at - from) / span);
  }

  #turned(site: string, at: number): { now: number; before: number; from: number } {
    const from = at - (at % span);
    const known = this.#sites.get(site);
    if (known?.from === from) return known;
    const before = known?.from === from - span ? known.now : 0;
    if (known && before === 0) this.#sites.delete(site);
    return { now: 0, before, from };
  }
}
