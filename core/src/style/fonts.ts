import type { Brand, BrandFont } from './brand.js';
import { brandTokens } from './resolve.js';

/** Typefaces that ship with Sirene: variable ones, served by the server under `/fonts/`. */
export const shippedFonts: readonly BrandFont[] = [
  ['Figtree', 'figtree', '300 900'],
  ['Fraunces', 'fraunces', '100 900'],
  ['Inter', 'inter', '100 900'],
  ['Lora', 'lora', '400 700'],
  ['Nunito Sans', 'nunito-sans', '200 1000'],
  ['Playfair Display', 'playfair-display', '400 900'],
  ['Source Serif 4', 'source-serif-4', '200 900'],
  ['Space Grotesk', 'space-grotesk', '300 700'],
].map(([family, name, weight]) => ({
  family: family as string,
  src: `fonts:${name}.woff2`,
  weight: weight as string,
  style: 'normal' as const,
}));

/** The typefaces that a widget's style sheet asks for and that Sirene or the site can serve. */
export function fontsIn(brand: Brand, css: string): BrandFont[] {
  const asked = [...css.matchAll(/font-family:([^;}]+)/g)].map(([, names = '']) => names);
  const tokens = brandTokens(brand);
  const names = new Set(
    asked
      .map((text) => {
        const path = /^var\(--font-([\w-]+)\)$/.exec(text)?.[1];
        return path ? (tokens.get(`font.${path}`)?.css ?? '') : text;
      })
      .flatMap((text) =>
        text.split(',').map((name) =>
          name
            .trim()
            .replace(/^["']|["']$/g, '')
            .toLowerCase(),
        ),
      ),
  );
  const own = brand.fonts.filter(({ family }) => names.has(family.toLowerCase()));
  const covered = new Set(own.map(({ family }) => family.toLowerCase()));
  const shipped = shippedFonts.filter(
    ({ family }) => names.has(family.toLowerCase()) && !covered.has(family.toLowerCase()),
  );
  return [...own, ...shipped];
}
