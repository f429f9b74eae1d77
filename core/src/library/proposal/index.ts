import * as csstree from 'css-tree';
import { converter, formatHex, parse } from 'culori';
import { cssProblem, pageCssBudget } from '../../compile/foreign/index.js';
import { contrast, px, srgb, type TokenTree } from '../../style/index.js';

/** A colour found on a page, and for what it is used. */
export interface FoundColour {
  hex: string;
  /** How often it is text, ground or border. */
  text: number;
  ground: number;
  border: number;
  /** How often it stands on something that is pressed. */
  button: number;
}

/** A brand taken from a page: what was found, and tokens made of it. */
export interface Proposal {
  colours: FoundColour[];
  fonts: string[];
  /** Corner radii, px, the most used first. */
  radii: number[];
  tokens: TokenTree;
}

const toRgb = converter('rgb');
const toOklch = converter('oklch');
const mostCss = 2_000_000;
/** Longest value that is looked at, characters. */
const mostValue = 2000;
/** Most mistakes that are read over. */
const mostMistakes = 500;
/** Most custom properties that are followed. */
const mostFollowed = 2000;

/**
 * Proposes tokens from the style sheets of a page: colours by their use, typefaces, corner radii. Custom properties are
 * followed; states and narrow screens count less than rest.
 *
 * @param css all sheets of the page, one after another; what is beyond 2 MB is left out
 * @returns `null` where there is more in it, or it is nested deeper, than anyone writes (`pageCssBudget`)
 */
export function proposeBrand(css: string): Proposal | null {
  const read = css.slice(0, mostCss);
  if (cssProblem(read, pageCssBudget)) return null;
  const tree = parsed(read);
  if (!tree) return null;
  const variables = new Map<string, string>();
  csstree.walk(tree, (node) => {
    if (node.type === 'Declaration' && node.property.startsWith('--'))
      variables.set(node.property, csstree.generate(node.value).slice(0, mostValue));
  });
  const followed = follower(variables);
  const colours = new Map<string, FoundColour>();
  const fonts = new Map<string, { text: number; title: number }>();
  const radii = new Map<number, number>();
  csstree.walk(tree, {
    visit: 'Rule',
    enter(rule: csstree.Rule) {
      const selector = csstree.generate(rule.prelude);
      const weight = /:(hover|focus|active)/.test(selector)
        ? 0.3
        : /\b(body|html)\b|:root/.test(selector)
          ? 6
          : 1;
      const isButton = /button|btn|\bcta\b|submit/i.test(selector);
      const isTitle = /\bh[1-3]\b|title|heading/i.test(selector);
      csstree.walk(rule.block, (node) => {
        if (node.type !== 'Declaration') return;
        const value = followed(csstree.generate(node.value).slice(0, mostValue));
        const { property } = node;
        if (/^(color|background(-color)?|border(?!-radius)(-\w+)?(-color)?|fill)$/.test(property))
          for (const hex of coloursIn(value)) {
            const found = colours.get(hex) ?? { hex, text: 0, ground: 0, border: 0, button: 0 };
            if (property === 'color') found.text += weight;
            else if (property.startsWith('background')) found.ground += weight;
            else found.border += weight;
            if (isButton && property.startsWith('background')) found.button += weight;
            colours.set(hex, found);
          }
        else if (property === 'font-family') {
          const name =
            value
              .split(',')[0]
              ?.trim()
              .replace(/^["']|["']$/g, '') ?? '';
          if (!/^[\p{L}\p{N} _-]{2,60}$/u.test(name) || /^(inherit|initial|unset)$/.test(name)) return;
          const found = fonts.get(name) ?? { text: 0, title: 0 };
          found[isTitle ? 'title' : 'text'] += weight;
          fonts.set(name, found);
        } else if (property === 'border-radius') {
          const radius = /^(\d+(?:\.\d+)?)px$/.exec(value)?.[1];
          if (radius) radii.set(Number(radius), (radii.get(Number(radius)) ?? 0) + weight);
        }
      });
    },
  });
  const list = [...colours.values()].sort((a, b) => total(b) - total(a)).slice(0, 24);
  const most = (kind: 'text' | 'title') =>
    [...fonts].filter(([, found]) => found[kind] > 0).sort((a, b) => b[1][kind] - a[1][kind])[0]?.[0];
  const ordered = [...radii].sort((a, b) => b[1] - a[1]).map(([radius]) => radius);
  return {
    colours: list,
    fonts: [...fonts.keys()],
    radii: ordered,
    tokens: tokensOf(list, most('text'), most('title'), ordered),
  };
}

const total = ({ text, ground, border, button }: FoundColour): number => text + ground + border + button * 2;

/** The sheets as a tree; `null` where so much can't be read that each further mistake costs a look at the whole text. */
function parsed(css: string): csstree.CssNode | null {
  let mistakes = 0;
  const tooMany = new Error('too many mistakes');
  try {
    return csstree.parse(css, {
      onParseError: () => {
        if (++mistakes > mostMistakes) throw tooMany;
      },
    });
  } catch (error) {
    if (error === tooMany) return null;
    throw error;
  }
}

/**
 * What puts the values of custom properties in place. Each property is followed once, and what comes of it is cut: chains
 * that double at every link would not end otherwise.
 */
function follower(variables: ReadonlyMap<string, string>): (value: string) => string {
  const known = new Map<string, string>();
  const follow = (value: string): string =>
    value
      .replace(/var\((--[\w-]+)(?:,([^()]*))?\)/g, (_, name: string, fallback = '') => {
        const set = variables.get(name);
        if (set === undefined) return fallback as string;
        const ready = known.get(name);
        if (ready !== undefined) return ready;
        // Whoever comes round to it again finds nothing there, and no chain is longer than the stack is deep.
        known.set(name, '');
        const found = known.size > mostFollowed ? '' : follow(set);
        known.set(name, found);
        return found;
      })
      .slice(0, mostValue);
  return follow;
}

function coloursIn(value: string): string[] {
  const texts =
    value.match(/#[0-9a-f]{3,8}\b|\b(?:rgb|hsl|oklch|oklab|hwb|lab|lch)a?\([^()]*\)|\b[a-z]{3,20}\b/gi) ?? [];
  return texts.flatMap((text) => {
    const rgb = toRgb(parse(text));
    return rgb && (rgb.alpha ?? 1) > 0.6 ? [formatHex(rgb)] : [];
  });
}

// In OKLCH: a near-white with a hint of a hue is as saturated in HSL as a full colour.
const chroma = (hex: string): number => toOklch(parse(hex))?.c ?? 0;

/** From here on a colour is one, rather than a grey. */
const leastChroma = 0.04;
/** From here on it is one that a page shows off. */
const clearChroma = 0.08;

function tokensOf(
  colours: readonly FoundColour[],
  text: string | undefined,
  title: string | undefined,
  radii: readonly number[],
): TokenTree {
  const by = (use: (colour: FoundColour) => number, fits: (colour: FoundColour) => boolean = () => true) =>
    [...colours].filter((one) => use(one) > 0 && fits(one)).sort((a, b) => use(b) - use(a))[0]?.hex;
  const ground = by(
    ({ ground: count }) => count,
    ({ hex }) => contrast(hex, '#000000') > 14,
  );
  const ink = by(
    ({ text: count }) => count,
    ({ hex }) => contrast(hex, ground ?? '#ffffff') >= 7,
  );
  const accent =
    by(
      ({ button }) => button,
      ({ hex }) => chroma(hex) > leastChroma,
    ) ??
    by(
      ({ ground: count, text: words }) => count + words,
      // It has to be seen, and to be read as text, on the background.
      ({ hex }) => hex !== ink && chroma(hex) > clearChroma && contrast(hex, ground ?? '#ffffff') >= 3,
    ) ??
    by(
      ({ ground: count, text: words }) => count + words,
      ({ hex }) => chroma(hex) > leastChroma,
    );
  const line = by(({ border }) => border);
  const quiet = by(
    ({ text: count }) => count,
    ({ hex }) =>
      hex !== ink && contrast(hex, ground ?? '#ffffff') >= 4.5 && contrast(hex, ground ?? '#ffffff') < 10,
  );
  const soft = by(
    ({ ground: count }) => count,
    ({ hex }) => hex !== ground && contrast(hex, '#000000') > 12,
  );
  const named = { ground, ink, quiet, accent, line, soft };
  const color: TokenTree = { $type: 'color' };
  for (const [name, hex] of Object.entries(named)) if (hex) color[name] = { $value: srgb(hex) };
  if (accent)
    color['on-accent'] = {
      $value: srgb(contrast('#ffffff', accent) >= contrast('#000000', accent) ? '#ffffff' : '#000000'),
    };
  const font: TokenTree = { $type: 'fontFamily' };
  if (text) font['text'] = { $value: [text, 'sans-serif'] };
  if (title ?? text) font['title'] = { $value: [(title ?? text) as string, 'serif'] };
  const [radius] = radii.filter((one) => one <= 40);
  return {
    color,
    ...(text || title ? { font } : {}),
    ...(radius === undefined
      ? {}
      : {
          radius: {
            $type: 'dimension',
            field: { $value: px(Math.min(radius, 16)) },
            button: { $value: px(radius) },
            box: { $value: px(Math.max(radius, 4)) },
          },
        }),
  };
}
