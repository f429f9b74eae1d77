import { isGroup, valueAt } from '../base/maps/index.js';
import { readShadowText } from './shadow.js';
import { colourValue } from './token-colour.js';
import { mostName, plainName, tokenForms } from './token-forms.js';
import { aliasPath, TokenError, type TokenTree, type TokenValue } from './tokens.js';

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
/** Longest number with its unit, characters. */
const mostNumber = 40;
const nameText = new RegExp(`^[A-Za-z0-9_-]{1,${mostName}}$`);

/**
 * Reads a token file, of Sirene or of another tool: groups, types inherited from them, aliases, values in the forms of
 * the format module 2025.10 and of its drafts (colours and lengths as texts). What can't be used is listed, and so are
 * aliases that lead to it.
 *
 * @throws TokenError when the file is no tree of tokens at all
 */
export function importTokens(input: unknown): TokenImport {
  if (!isGroup(input)) throw new TokenError('', 'file is not a JSON object');
  const found = new Map<string, Found>();
  const skipped: SkippedToken[] = [];
  const skip = (path: readonly string[], reason: string) => skipped.push({ path: path.join('.'), reason });
  const walk = (tree: Record<string, unknown>, path: string[], inherited: string): void => {
    const type = typeof tree['$type'] === 'string' ? tree['$type'] : inherited;
    const holder = '$value' in tree ? '$value' : 'value' in tree ? 'value' : null;
    if (holder) {
      const own = type || (typeof tree['type'] === 'string' ? tree['type'] : '');
      const read = readValue(own, valueAt(tree, holder));
      if ('reason' in read) skip(path, read.reason);
      else if (found.size >= mostTokens) skip(path, `is beyond the first ${mostTokens}`);
      else found.set(path.join('.'), { path, ...read });
      for (const [name, child] of Object.entries(tree))
        if (!name.startsWith('$') && isGroup(child) && name !== holder)
          skip([...path, name], 'is inside a token, which cannot contain others');
      return;
    }
    for (const [name, child] of Object.entries(tree)) {
      if (name.startsWith('$')) continue;
      const at = [...path, name];
      const plain = plainName(name);
      if (!isGroup(child)) skip(at, 'is neither a token nor a group');
      else if (!nameText.test(plain) || plain === '__proto__') skip(at, 'has a name that can’t be used');
      else if (at.length > mostDepth) skip(at, `is nested deeper than ${mostDepth} groups`);
      else walk(child, [...path, plain], type);
    }
  };
  walk(tokenForms(input), [], '');
  const tokens: TokenTree = {};
  let count = 0;
  for (const { path, type, value } of withoutBrokenAliases(found, skipped)) {
    if (put(tokens, path, { ...(type && { $type: type }), $value: value })) count++;
    else skip(path, 'has the name of a group that is there too');
  }
  return { tokens, count, skipped };
}

interface Found {
  path: string[];
  type: string;
  value: TokenValue;
}

/**
 * Those whose aliases lead to a value. Each token has at most one alias, so every chain is walked once: along it until
 * something is known, and back with what was found.
 */
function withoutBrokenAliases(found: ReadonlyMap<string, Found>, skipped: SkippedToken[]): Found[] {
  const sound = new Map<string, boolean>();
  for (const start of found.keys()) {
    const trail = new Set<string>();
    let at: string | null = start;
    while (at !== null && found.has(at) && !sound.has(at) && !trail.has(at)) {
      trail.add(at);
      at = aliasPath(found.get(at)?.value);
    }
    const circle = at !== null && trail.has(at);
    const works = at === null || (!circle && sound.get(at) === true);
    let reason = circle ? 'refers to itself' : `refers to ${at}, which does not exist`;
    for (const path of [...trail].reverse()) {
      sound.set(path, works);
      if (!works) skipped.push({ path, reason });
      // Those before the circle, or before the one that leads nowhere, lead to what is no longer there.
      if (!circle || path === at) reason = `refers to ${path}, which does not exist`;
    }
  }
  return [...found].flatMap(([path, one]) => (sound.get(path) ? [one] : []));
}

/** Puts a token into its group; `false` where a token or a group of that name is in the way. */
function put(tree: TokenTree, path: readonly string[], token: TokenTree): boolean {
  let at = tree;
  for (const name of path.slice(0, -1)) {
    const group = (valueAt(at, name) as TokenTree | undefined) ?? {};
    if (Object.hasOwn(group, '$value')) return false;
    at[name] = group;
    at = group;
  }
  const last = path.at(-1);
  // A file that is a single token and no tree.
  if (last === undefined || Object.hasOwn(at, last)) return false;
  at[last] = token;
  return true;
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
      return (typeof value === 'number' || typeof value === 'string') &&
        Number.isFinite(Number(value)) &&
        value !== ''
        ? { type, value: Number(value) }
        : { reason: `has a ${type} that is no number` };
    case 'cubicBezier':
      return Array.isArray(value) && value.length === 4 && value.every((one) => Number.isFinite(one))
        ? { type, value: value as number[] }
        : { reason: 'has a curve that is not four numbers' };
    case 'shadow':
      return readShadow(value);
    case 'gradient':
      return readGradientStops(value);
    case 'strokeStyle':
      return readStrokeStyle(value);
    case '':
      return typeof value === 'string' && colourValue(value) ? readColour(value) : { reason: 'has no type' };
    default:
      return { reason: `is a ${type.slice(0, 40)}, which widgets have no use for` };
  }
}

function readColour(value: unknown): Read {
  const colour = colourValue(value);
  return colour ? { type: 'color', value: colour } : { reason: 'has a colour that can’t be read' };
}

function lengthOf(value: unknown, form: RegExp): { value: number; unit: never } | null {
  if (typeof value === 'number') return { value, unit: 'px' as never };
  if (
    isGroup(value) &&
    typeof value['value'] === 'number' &&
    typeof value['unit'] === 'string' &&
    form.test(`${value['value']}${value['unit'].slice(0, mostNumber)}`)
  )
    return { value: value['value'], unit: value['unit'] as never };
  const match = typeof value === 'string' && value.length <= mostNumber ? form.exec(value.trim()) : null;
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
        .slice(0, 200)
        .trim()
        .replace(/^["']|["']$/g, ''),
    )
    .filter(Boolean);
  const sound =
    names.length > 0 && names.length <= 20 && names.every((name) => /^[\p{L}\p{N} _-]{1,80}$/u.test(name));
  return sound ? { type: 'fontFamily', value: names } : { reason: 'has font names that can’t be read' };
}

const pixels = /^(-?\d*\.?\d+)(px|rem)?$/;

function readShadow(value: unknown): Read {
  if (typeof value === 'string') {
    return readShadowText(value) ? { type: 'shadow', value } : { reason: 'has a shadow that can’t be read' };
  }
  const layers = (Array.isArray(value) ? value : [value]).map((layer) => {
    if (!isGroup(layer)) return null;
    const color = colourValue(layer['color']);
    const [offsetX, offsetY, blur, spread] = ['offsetX', 'offsetY', 'blur', 'spread'].map((name) =>
      lengthOf(valueAt(layer, name) ?? 0, pixels),
    );
    return color && offsetX && offsetY && blur && spread
      ? { color, offsetX, offsetY, blur, spread, ...(layer['inset'] === true && { inset: true }) }
      : null;
  });
  return layers.length > 0 && layers.every((layer) => layer !== null)
    ? { type: 'shadow', value: layers }
    : { reason: 'has a shadow that can’t be read' };
}

const mostStops = 16;

/** The stops of a gradient; positions beyond the ends count as the ends (format module 2025.10, 9.6). */
function readGradientStops(value: unknown): Read {
  const stops = (Array.isArray(value) ? value.slice(0, mostStops + 1) : []).map((stop) => {
    if (!isGroup(stop) || typeof stop['position'] !== 'number' || Number.isNaN(stop['position'])) return null;
    const color = colourValue(stop['color']);
    return color && { color, position: Math.min(1, Math.max(0, stop['position'])) };
  });
  return stops.length > 1 && stops.length <= mostStops && stops.every((stop) => stop !== null)
    ? { type: 'gradient', value: stops }
    : { reason: `has a gradient that is not two to ${mostStops} colours with positions` };
}

const strokes = ['solid', 'dashed', 'dotted', 'double', 'groove', 'ridge', 'outset', 'inset'];

/** A border style; a line of one's own dashes, which CSS has no word for, is dashed (format module 2025.10, 9.1). */
function readStrokeStyle(value: unknown): Read {
  if (typeof value === 'string' && strokes.includes(value)) return { type: 'strokeStyle', value };
  return isGroup(value) && Array.isArray(value['dashArray'])
    ? { type: 'strokeStyle', value: 'dashed' }
    : { reason: 'has a border style that can’t be read' };
}
