import type { CompiledFont } from '@sirene/core/compile';
import { served } from '@sirene/core/base/served';

/** Loads typefaces into the page, each once: what a shadow root declares would not be found. */
export function loadFonts(page: Document, fonts: readonly CompiledFont[], base: string): void {
  const view = page.defaultView as Window & typeof globalThis;
  for (const { family, src, weight, style } of fonts) {
    const known = [...page.fonts].some(
      (face) => face.family.replaceAll('"', '') === family && face.weight === weight && face.style === style,
    );
    if (known) continue;
    const face = new view.FontFace(family, `url("${served(src, base)}")`, { weight, style, display: 'swap' });
    page.fonts.add(face);
    // A typeface that can't be had leaves the next of its list.
    face.load().catch(() => {});
  }
}
