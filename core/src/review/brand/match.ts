import { valueAt } from '../../base/maps/index.js';
import { readTokens, type TokenTree } from '../../style/index.js';

/** What each of Sirene's own tokens tends to be called elsewhere, likeliest first. */
const names: Readonly<Record<string, readonly RegExp[]>> = {
  'color.accent': [/accent$/, /primary$/, /brand$/, /primary[.-](500|600|default|base)$/, /action/],
  'color.accent-strong': [/accent[.-](strong|dark|hover)$/, /primary[.-](700|800|dark|hover)$/],
  'color.on-accent': [/on[.-]?(accent|primary)$/],
  'color.ground': [/(background|ground|surface|paper)([.-](default|base|primary))?$/, /\bwhite$/],
  'color.soft': [
    /(surface|background)[.-](soft|subtle|muted|secondary|alt)$/,
    /(gr[ae]y|neutral)[.-](50|100)$/,
  ],
  'color.ink': [
    /(text|ink|foreground)([.-](default|base|primary))?$/,
    /(gr[ae]y|neutral)[.-]900$/,
    /\bblack$/,
  ],
  'color.quiet': [/(text|foreground)[.-](soft|subtle|muted|secondary)$/, /(gr[ae]y|neutral)[.-](500|600)$/],
  'color.line': [/(border|line|outline|divider)([.-](default|base))?$/, /(gr[ae]y|neutral)[.-](200|300)$/],
  'color.danger': [/(danger|error|negative|critical)([.-](default|base|500|600))?$/],
  'font.title': [/(title|heading|display|serif)/],
  'font.text': [/(body|text|base|sans)/],
  'radius.button': [/radius.*(button|md|medium|default|base)$/],
  'radius.field': [/radius.*(field|input|sm|small)$/],
  'radius.box': [/radius.*(box|card|lg|large)$/],
};

/** Sirene's own tokens, each with the type that may take its place. */
export const ownTokens: Readonly<Record<string, string>> = Object.fromEntries(
  Object.keys(names).map((path) => [
    path,
    path.startsWith('color') ? 'color' : path.startsWith('font') ? 'fontFamily' : 'dimension',
  ]),
);

/**
 * Proposes which tokens of a file from elsewhere stand for which of Sirene's own, by what they are called.
 *
 * @returns path in the file by Sirene's own path; nothing where the file has that very path, or none fits
 */
export function matchTokens(tokens: TokenTree): Record<string, string> {
  const all = [...readTokens(tokens).values()];
  const paths = new Set(all.map(({ path }) => path));
  const found: Record<string, string> = {};
  for (const [own, patterns] of Object.entries(names)) {
    if (paths.has(own)) continue;
    const candidates = all.filter(({ type }) => type === valueAt(ownTokens, own));
    for (const pattern of patterns) {
      const fit = candidates.find(({ path }) => pattern.test(path.toLowerCase()));
      if (fit) {
        found[own] = fit.path;
        break;
      }
    }
  }
  return found;
}
