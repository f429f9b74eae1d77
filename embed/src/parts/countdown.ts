import { timeLeft, type CountUnit } from '@sirene/core/base/time';
import type { Mounted } from '../mount.ts';
import type { Attached, PartPage, TickingClock } from './part.ts';

/** Writes what is left into every countdown of a widget. Returns whether all of them are over. */
export function writeCounts({ box }: Pick<Mounted, 'box'>, now: number): boolean {
  let over = true;
  const counts = box.querySelectorAll<HTMLElement>('[data-until]');
  for (const count of counts) {
    const { until, units = '' } = count.dataset;
    const left = Number(until) - now;
    if (left > 0) over = false;
    const shown = timeLeft(left, units.split(' ') as CountUnit[]);
    for (const place of count.querySelectorAll<HTMLElement>('[data-unit]')) {
      const text = String(shown[place.dataset['unit'] as CountUnit] ?? 0).padStart(2, '0');
      if (place.textContent !== text) place.textContent = text;
    }
  }
  return counts.length > 0 && over;
}

/**
 * Keeps the countdowns of a widget going; at the end its expired scene is shown, where it has one.
 *
 * @returns what stops them
 */
export function count(mounted: Mounted, clock: TickingClock): () => void {
  let stop = () => {};
  const tick = () => {
    const now = clock.now();
    if (writeCounts(mounted, now)) {
      if (mounted.sceneName === 'opening' && mounted.body.scenes.expired) mounted.show('expired');
      return;
    }
    // At the next full second of the clock, so that two countdowns on a page change together.
    stop = clock.at(Math.floor(now / 1000) * 1000 + 1000, tick);
  };
  tick();
  return () => stop();
}

/** Keeps the countdowns of a widget going for as long as it is there. */
export const attach = (mounted: Mounted, { clock }: PartPage): Attached => ({ end: count(mounted, clock) });
