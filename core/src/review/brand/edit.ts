import { valueAt } from '../../base/maps/index.js';
import {
  colourScale,
  colourValue,
  plainBrand,
  px,
  readShadowText,
  type Brand,
  type TokenTree,
  type TokenValue,
} from '../../style/index.js';

type Tokens = TokenTree;

/** The leaf or group at a path such as `color.accent`. */
export function tokenAt(tokens: Tokens, path: string): Tokens | undefined {
  let at: unknown = tokens;
  for (const name of path.split('.')) at = valueAt(at as Record<string, unknown> | undefined, name);
  return at as Tokens | undefined;
}

/** A brand in which a token has another value; taken away, with groups it leaves empty, where there is none. */
export function withToken(brand: Brand, path: string, value: TokenValue | undefined): Brand {
  return { ...brand, tokens: changed(brand.tokens, path.split('.'), value) };
}

function changed(tree: Tokens, [name, ...rest]: string[], value: TokenValue | undefined): Tokens {
  if (name === undefined) return value === undefined ? {} : { ...tree, $value: value };
  const next = changed((valueAt(tree, name) as Tokens | undefined) ?? {}, rest, value);
  const isEmpty = Object.keys(next).every((key) => key.startsWith('$') && key !== '$value');
  const { [name]: _, ...others } = tree;
  return isEmpty ? others : { ...tree, [name]: next };
}

/** A brand without a token. Tokens that were aliases of it keep its value; looks and widgets still refer to it. */
export function withoutToken(brand: Brand, path: string): Brand {
  const value = tokenAt(brand.tokens, path)?.$value;
  const inherit = (tree: Tokens): Tokens =>
    Object.fromEntries(
      Object.entries(tree).map(([name, child]) => {
        if (name === '$value' && child === `{${path}}`) return [name, value];
        const isGroup = !name.startsWith('$') && typeof child === 'object' && child !== null;
        return [name, isGroup ? inherit(child as Tokens) : child];
      }),
    );
  return withToken({ ...brand, tokens: inherit(brand.tokens) }, path, undefined);
}

/** The value that the plain brand has for a token; `undefined` for one that is the site's own. */
export const plainValue = (path: string): TokenValue | undefined => tokenAt(plainBrand.tokens, path)?.$value;

/** A brand with ten shades of a colour, as `color.NAME.50` to `color.NAME.900`. */
export function withColourScale(brand: Brand, name: string, colour: string): Brand {
  return Object.entries(colourScale(colour)).reduce((made, [step, hex]) => {
    const value = colourValue(hex);
    return value ? withToken(made, `color.${name}.${step}`, value) : made;
  }, brand);
}

/** Steps of the type scale, as powers of its ratio. */
const typeSteps = { small: -1, text: 0, large: 1, title: 3, display: 4 } as const;

/**
 * A brand whose type sizes grow by one ratio from that of running text.
 *
 * @param base px, 10 to 24
 * @param ratio 1.05 to 1.6
 */
export function withTypeScale(brand: Brand, base: number, ratio: number): Brand {
  return Object.entries(typeSteps).reduce((made, [name, power]) => {
    // Below the text the step is half as large: small print has to stay readable.
    const size = Math.round(base * (power < 0 ? ratio ** (power / 1.5) : ratio ** power));
    return withToken(made, `size.${name}`, px(size));
  }, brand);
}

const spaceSteps = [1, 2, 3, 4, 6, 8];

/** A brand whose distances are multiples of one unit, px. */
export const withSpacing = (brand: Brand, unit: number): Brand =>
  spaceSteps.reduce((made, times, at) => withToken(made, `space.${at + 1}`, px(unit * times)), brand);

/** The brand's tokens as a file in the Design Tokens format: shadows as the objects it asks for. */
export function exportTokens({ tokens }: Brand): Tokens {
  const walk = (tree: Tokens, inherited: string | undefined): Tokens => {
    const type = tree.$type ?? inherited;
    return Object.fromEntries(
      Object.entries(tree).map(([name, value]) => {
        if (name === '$value' && type === 'shadow' && typeof value === 'string')
          return [name, readShadowText(value) ?? value];
        const isGroup = !name.startsWith('$') && typeof value === 'object' && value !== null;
        return [name, isGroup ? walk(value as Tokens, type) : value];
      }),
    );
  };
  return walk(tokens, undefined);
}
