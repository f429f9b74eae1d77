import { fillWords } from '@sirene/core/actions/words';
import { majorUnits, money } from '@sirene/core/base/money';
import type { Mounted } from '../mount.ts';
import { report } from '../report.ts';
import type { Attached, PartPage, PartWidget } from './part.ts';

/** Shows what has been raised by now, in the place of what was known when the widget was published. */
export function attach({ box }: Mounted, { raised }: PartPage, { id }: PartWidget): Attached {
  const show = async (place: HTMLElement) => {
    const { currency = '', locale = '', raised: before } = place.dataset;
    const response = await fetch(`${raised}?${String(new URLSearchParams({ widget: id, currency }))}`);
    if (!response.ok) return;
    const { units } = (await response.json()) as { units: number };
    const sum = Number(before) + majorUnits(units, currency);
    const [words, bar] = [place.querySelector('p'), place.querySelector('progress')];
    const said = { raised: money(sum, { currency, locale }), goal: words?.dataset['goal'] ?? '' };
    if (words) words.textContent = fillWords(words.dataset['words'] ?? '', said);
    if (bar) bar.value = sum;
  };
  const written = () => {
    // On a try, and where one only looks, nothing is asked.
    if (raised === undefined) return;
    for (const place of box.querySelectorAll<HTMLElement>('[data-raised]')) show(place).catch(report);
  };
  written();
  return { written, end: () => {} };
}
