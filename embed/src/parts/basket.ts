import { basketHtml, pieces, readBasket, type BasketWords } from '@sirene/core/document/basket';
import type { Mounted } from '../mount.ts';
import type { Attached, PartPage } from './part.ts';

/**
 * Shows a basket in a widget: its lines, and the scene that fits: opening for one with lines, empty for one without, error
 * for what is no basket.
 */
export function fillBasket(mounted: Mounted, given: unknown): void {
  const lines = readBasket(given);
  const fitting = lines === null ? 'error' : lines.length === 0 ? 'empty' : 'opening';
  const { scenes } = mounted.body;
  const isBasket = 'empty' in scenes || 'error' in scenes;
  if (isBasket && mounted.sceneName !== fitting && mounted.sceneName !== 'teaser' && fitting in scenes)
    return mounted.show(fitting);
  writeBasket(mounted, given);
}

/** Writes lines into the scene as it stands. */
export function writeBasket(
  { box, root, write }: Pick<Mounted, 'box' | 'root' | 'write'>,
  given: unknown,
): void {
  const lines = readBasket(given) ?? [];
  const pressed = root.activeElement as HTMLElement | null;
  const label = pressed?.dataset['line'] === undefined ? null : pressed.getAttribute('aria-label');
  for (const place of box.querySelectorAll<HTMLElement>('[data-basket]')) {
    const words = JSON.parse(place.dataset['basket'] as string) as BasketWords;
    write(place, basketHtml(words, lines).text);
  }
  const count = pieces(lines);
  for (const place of box.querySelectorAll<HTMLElement>('[data-basket-count]')) {
    place.hidden = count === 0;
    place.textContent = String(count);
  }
  // The button that was pressed has been written anew; who uses a keyboard stays where they were.
  if (label === null) return;
  const again = [...box.querySelectorAll<HTMLElement>('[data-line]')];
  again.find((one) => one.getAttribute('aria-label') === label)?.focus();
}

/** A widget shows nothing of a basket before the page has told of one. */
export function attach(mounted: Mounted, { basket }: PartPage): Attached {
  const written = () => {
    if (basket.value !== undefined) fillBasket(mounted, basket.value);
  };
  written();
  return { written, end: basket.follow(written) };
}
