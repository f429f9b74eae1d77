/**
 * Design tokens in the format of the W3C Design Tokens Community Group (Format Module 2025.10): a tree of groups
 * whose leaves carry `$value`; `$type` is inherited from the nearest group; `{a.b}` refers to another token.
 */
export interface TokenTree {
  $type?: string;
  $description?: string;
  $value?: TokenValue;
  [name: string]: TokenTree | TokenValue | undefined;
}

export interface TokenColour {
  colorSpace: string;
  components: number[];
  alpha?: number;
  hex?: string;
}

export interface TokenDimension {
  value: number;
  unit: 'px' | 'rem' | 'ms' | 's';
}

export interface TokenShadow {
  color: TokenColour;
  offsetX: TokenDimension;
  offsetY: TokenDimension;
  blur: TokenDimension;
  spread: TokenDimension;
  inset?: boolean;
}

export interface TokenStop {
  color: TokenColour;
  /** Share of the way, 0 to 1. */
  position: number;
}

export type TokenValue =
  | string
  | number
  | string[]
  | number[]
  | TokenColour
  | TokenDimension
  | TokenShadow
  | TokenShadow[]
  | TokenStop[];

export interface Token {
  path: string;
  type: string;
  /** The value as CSS text, aliases followed. */
  css: string;
}

/** Thrown when a token refers to itself or to nothing; `path` names the token at fault. */
export class TokenError extends Error {
  constructor(
    readonly path: string,
    readonly reason: string,
  ) {
    super(`Token ${path} ${reason}`);
  }
}

const alias = /^\{([A-Za-z0-9_-]+(?:\.[A-Za-z0-9_-]+)*)\}$/;

/** The path inside an alias such as `{color.accent}`, or `null` when the value is not an alias. */
export function aliasPath(value: unknown): string | null {
  return typeof value === 'string' ? (alias.exec(value)?.[1] ?? null) : null;
}

/** The CSS custom property that carries a token: `color.accent` → `--color-accent`. */
export function tokenVariable(path: string): string {
  return `--${path.replaceAll('.', '-')}`;
}

/**
 * Flattens a token tree and follows every alias.
 *
 * @throws TokenError for an alias to nothing or in a circle
 */
export function readTokens(tree: TokenTree): Map<string, Token> {
  const raw = new Map<string, { type: string; value: TokenValue }>();
  collect(tree, [], '', raw);
  const done = new Map<string, Token>();
  for (const path of raw.keys()) follow(path, raw, done);
  return done;
}

function collect(
  tree: TokenTree,
  trail: string[],
  inherited: string,
  out: Map<string, { type: string; value: TokenValue }>,
): void {
  const type = tree.$type ?? inherited;
  if (tree.$value !== undefined) {
    out.set(trail.join('.'), { type, value: tree.$value });
    return;
  }
  for (const [name, child] of Object.entries(tree)) {
    if (!name.startsWith('$')) collect(child as TokenTree, [...trail, name], type, out);
  }
}

/** Follows one token to a value, and leaves what it found for every token on the way. */
function follow(
  path: string,
  raw: ReadonlyMap<string, { type: string; value: TokenValue }>,
  done: Map<string, Token>,
): void {
  const trail = new Set<string>();
  let at = path;
  for (;;) {
    if (done.has(at)) break;
    const entry = raw.get(at);
    if (!entry) throw new TokenError([...trail].pop() ?? path, `refers to ${at}, which does not exist`);
    if (trail.has(at)) throw new TokenError(at, 'refers to itself');
    trail.add(at);
    const target = aliasPath(entry.value);
    if (target === null) {
      done.set(at, { path: at, type: entry.type, css: tokenCss(entry.value) });
      break;
    }
    at = target;
  }
  const end = done.get(at) as Token;
  for (const one of trail) if (one !== at) done.set(one, { ...end, path: one });
}

function tokenCss(value: TokenValue): string {
  if (Array.isArray(value)) {
    if (isGradient(value)) return gradientCss(value);
    if (value.every((item) => typeof item === 'object')) return value.map(shadowCss).join(', ');
    if (value.every((item) => typeof item === 'number')) return `cubic-bezier(${value.join(', ')})`;
    return value.map((name) => (/^[a-z-]+$/i.test(String(name)) ? name : `"${name}"`)).join(', ');
  }
  if (typeof value !== 'object') return String(value);
  if ('blur' in value) return shadowCss(value);
  if ('unit' in value) return `${value.value}${value.unit}`;
  return colourCss(value);
}

function isGradient(value: readonly unknown[]): value is TokenStop[] {
  return value.some((item) => typeof item === 'object' && item !== null && 'position' in item);
}

// The format gives a gradient no direction; the line runs from left to right, as in the format's own images.
function gradientCss(stops: readonly TokenStop[]): string {
  const list = stops.map(
    ({ color, position }) => `${colourCss(color)} ${Math.round(position * 10_000) / 100}%`,
  );
  return `linear-gradient(90deg, ${list.join(', ')})`;
}

function colourCss(value: TokenColour): string {
  if (value.hex && (value.alpha ?? 1) === 1) return value.hex;
  const parts = value.components.join(' ');
  const alpha = value.alpha === undefined ? '' : ` / ${value.alpha}`;
  return value.colorSpace === 'hsl' || value.colorSpace === 'oklch'
    ? `${value.colorSpace}(${parts}${alpha})`
    : `color(${value.colorSpace} ${parts}${alpha})`;
}

function shadowCss({ offsetX, offsetY, blur, spread, color, inset }: TokenShadow): string {
  const lengths = [offsetX, offsetY, blur, spread].map((one) => `${one.value}${one.unit}`);
  return `${inset ? 'inset ' : ''}${lengths.join(' ')} ${colourCss(color)}`;
}

/** A colour token's value from a six-digit hex text. */
export function srgb(hex: string): TokenColour {
  const components = [1, 3, 5].map(
    (at) => Math.round((parseInt(hex.slice(at, at + 2), 16) / 255) * 1e4) / 1e4,
  );
  return { colorSpace: 'srgb', components, hex };
}

/** A dimension token's value in CSS pixels. */
export function px(value: number): TokenDimension {
  return { value, unit: 'px' };
}
