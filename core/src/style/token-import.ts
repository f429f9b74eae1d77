import { converter, formatHex, parse } from 'culori';
import {
  aliasPath,
  readTokens,
  TokenError,
  type TokenColour,
  type TokenTree,
  type TokenValue,
} from './tokens.js';

/** A token that could not be used, and why. */
export interface SkippedToken {
  path: string;
  reason: string;
}

export interface TokenImport {
  tokens: TokenTree;
  /** How many can be used. */
  count: number;
  skipped: SkippedToken[];
}

const mostTokens = 2000;
const mostDepth = 12;
const nameText = /^[A-Za-z0-9_-]{1,60}$/;

/**
 * Reads a token file, of Sirene or of another tool: groups, types inherited from them, aliases, values in the forms of
 * the format module 2025.10 and of its drafts (colours and lengths as texts). What can't be used is listed, and so are
 * aliases that lead to it.
 *
 * @throws TokenError when the file is no tree of tokens at all
 */
export function importTokens(input: unknown): TokenImport {
  if (!isGroup(input)) throw new TokenError('', 'file is not a JSON object');
  const found: { path: string[]; type: string; value: TokenValue }[] = [];
  const skipped: SkippedToken[] = [];
  const walk = (tree: Record<string, unknown>, path: string[], inherited: string): void => {
    const type = typeof tree['$type'] === 'string' ? tree['$type'] : inherited;
    if ('$value' in tree || 'value' in tree) {
      const value = '$value' in tree ? tree['$value'] : tree['value'];
      const own = type || (typeof tree['type'] === 'string' ? tree['type'] : '');
      const read = readValue(own, value);
      if ('reason' in read) skipped.push({ path: path.join('.'), reason: read.reason });
      else if (found.length >= mostTokens)
        skipped.push({ path: path.join('.'), reason: `is beyond the first ${mostTokens}` });
      else found.push({ path, ...read });
      return;
    }
    for (const [name, child] of Object.entries(tree)) {
      if (name.startsWith('$')) continue;
      const at = [...path, name];
      // Names become parts of aliases and of CSS variables; spaces and dots of other tools are written as a dash.
      const plain = name.trim().replace(/[\s.{}/()]+/g, '-');
      if (!isGroup(child)) skipped.push({ path: at.join('.'), reason: 'is neither a token nor a group' });
      else if (!nameText.test(plain) || plain === '__proto__')
        skipped.push({ path: at.join('.'), reason: 'has a name that can’t be used' });
      else if (at.length > mostDepth)
        skipped.push({ path: at.join('.'), reason: `is nested deeper than ${mostDepth} groups` });
      else walk(child, [...path, plain], type);
    }
  };
  walk(input, [], '');
  const kept = withoutBrokenAliases(found, skipped);
  const tokens: TokenTree = {};
  for (const { path, type, value } of kept)
    put(tokens, path, { ...(type && { $type: type }), $value: value });
  return { tokens, count: kept.length, skipped };
}

const isGroup = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

interface Found {
  path: string[];
  type: string;
  value: TokenValue;
}

// An alias that is dropped takes those along that lead to it, so this goes on until nothing changes.
function withoutBrokenAliases(found: Found[], skipped: SkippedToken[]): Found[] {
  let kept = found;
  for (;;) {
    const tree: TokenTree = {};
    for (const { path, type, value } of kept) put(tree, path, { $type: type, $value: value });
    try {
      readTokens(tree);
      return kept;
    } catch (error) {
      if (!(error instanceof TokenError)) throw error;
      const at = error.path;
      skipped.push({ path: at, reason: error.reason });
      const fewer = kept.filter(({ path }) => path.join('.') !== at);
      if (fewer.length === kept.length) return [];
      kept = fewer;
    }
  }
}

function put(tree: TokenTree, path: readonly string[], token: TokenTree): void {
  let at = tree;
  for (const name of path.slice(0, -1)) at = (at[name] ??= {}) as TokenTree;
  at[path.at(-1) as string] = token;
}

type Read = { type: string; value: TokenValue } | { reason: string };

function readValue(type: string, value: unknown): Read {
  if (aliasPath(value)) return { type, value: value as string };
  switch (type) {
    case 'color':
      return readColour(value);
    case 'dimension':
    case 'spacing':
    case 'sizing':
    case 'borderRadius':
    case 'fontSizes':
      return readLength('dimension', value, /^(-?\d*\.?\d+)(px|rem)?$/);
    case 'duration':
      return readLength('duration', value, /^(-?\d*\.?\d+)(ms|s)$/);
    case 'fontFamily':
    case 'fontFamilies':
      return readFamilies(value);
    case 'fontWeight':
    case 'number':
      return Number.isFinite(Number(value)) && value !== ''
        ? { type, value: Number(value) }
        : { reason: `has a ${type} that is no number` };
    case 'cubicBezier':
      return Array.isArray(value) && value.length === 4 && value.every((one) => Number.isFinite(one))
        ? { type, value: value as number[] }
        : { reason: 'has a curve that is not four numbers' };
    case 'shadow':
      return readShadow(value);
    case '':
      return typeof value === 'string' && parse(value) ? readColour(value) : { reason: 'has no type' };
    default:
      return { reason: `is a ${type.slice(0, 40)}, which widgets have no use for` };
  }
}

const toRgb = converter('rgb');

/** A colour as a token holds it, from CSS text or from the form of a token file; `null` where it can't be read. */
export function colourValue(value: unknown): TokenColour | null {
  if (typeof value === 'string') {
    const rgb = toRgb(parse(value.trim()));
    if (!rgb) return null;
    const components = [rgb.r, rgb.g, rgb.b].map((one) => Math.round(one * 1e4) / 1e4);
    const alpha = rgb.alpha ?? 1;
    return { colorSpace: 'srgb', components, ...(alpha < 1 ? { alpha } : { hex: formatHex(rgb) }) };
  }
  if (!isGroup(value)) return null;
  const { colorSpace, components, alpha, hex } = value;
  const numbers =
    Array.isArray(components) && components.length === 3
      ? components.map((one) => (one === 'none' ? 0 : Number(one)))
      : null;
  if (
    !numbers?.every(Number.isFinite) ||
    typeof colorSpace !== 'string' ||
    !/^[a-z0-9-]{3,20}$/.test(colorSpace)
  )
    return null;
  const colour: TokenColour = { colorSpace, components: numbers };
  if (typeof alpha === 'number' && alpha >= 0 && alpha < 1) colour.alpha = alpha;
  if (typeof hex === 'string' && /^#[0-9a-f]{6}$/i.test(hex)) colour.hex = hex;
  return parse(cssOf(colour)) ? colour : null;
}

const cssOf = ({ colorSpace, components }: TokenColour): string =>
  colorSpace === 'hsl'
    ? `hsl(${components[0]} ${components[1]}% ${components[2]}%)`
    : colorSpace === 'oklch'
      ? `oklch(${components.join(' ')})`
      : `color(${colorSpace} ${components.join(' ')})`;

function readColour(value: unknown): Read {
  const colour = colourValue(value);
  return colour ? { type: 'color', value: colour } : { reason: 'has a colour that can’t be read' };
}

function lengthOf(value: unknown, form: RegExp): { value: number; unit: never } | null {
  if (typeof value === 'number') return { value, unit: 'px' as never };
  if (
    isGroup(value) &&
    typeof value['value'] === 'number' &&
    form.test(`${value['value']}${String(value['unit'])}`)
  )
    return { value: value['value'], unit: value['unit'] as never };
  const match = typeof value === 'string' ? form.exec(value.trim()) : null;
  return match ? { value: Number(match[1]), unit: (match[2] ?? 'px') as never } : null;
}

function readLength(type: string, value: unknown, form: RegExp): Read {
  const read = lengthOf(value, form);
  return read ? { type, value: read } : { reason: `has a ${type} that can’t be read` };
}

function readFamilies(value: unknown): Read {
  const names = (Array.isArray(value) ? value : typeof value === 'string' ? value.split(',') : [])
    .map((name) =>
      String(name)
        .trim()
        .replace(/^["']|["']$/g, ''),
    )
    .filter(Boolean);
  const sound = names.length > 0 && names.every((name) => /^[\p{L}\p{N} _-]{1,80}$/u.test(name));
  return sound ? { type: 'fontFamily', value: names } : { reason: 'has typeface names that can’t be read' };
}

const pixels = /^(-?\d*\.?\d+)(px|rem)?$/;

function readShadow(value: unknown): Read {
  if (typeof value === 'string') {
    return /^[0-9a-z#%.,()/\s-]{1,300}$/i.test(value) && !/url|image/i.test(value)
      ? { type: 'shadow', value }
      : { reason: 'has a shadow that can’t be read' };
  }
  const layers = (Array.isArray(value) ? value : [value]).map((layer) => {
    if (!isGroup(layer)) return null;
    const color = colourValue(layer['color']);
    const [offsetX, offsetY, blur, spread] = ['offsetX', 'offsetY', 'blur', 'spread'].map((name) =>
      lengthOf(layer[name] ?? 0, pixels),
    );
    return color && offsetX && offsetY && blur && spread
      ? { color, offsetX, offsetY, blur, spread, ...(layer['inset'] === true && { inset: true }) }
      : null;
  });
  return layers.length > 0 && layers.every((layer) => layer !== null)
    ? { type: 'shadow', value: layers }
    : { reason: 'has a shadow that can’t be read' };
}
