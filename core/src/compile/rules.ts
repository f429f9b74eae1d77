import { valueAt } from '../base/maps/index.js';
import {
  conditionParts,
  conditions,
  screenWidths,
  type Screen,
  styleProperties,
  valueCss,
  type State,
  type StyleProperty,
  type StyleSheet,
  type Values,
} from '../style/index.js';

/** A style sheet and the class that its parts hang on. */
export interface StyleLayer {
  /** The selector of each part. */
  selector(part: string): string;
  sheet: StyleSheet;
}

const stateSelectors: Record<State, (selector: string, part: string) => string> = {
  hover: (selector) => `${selector}:hover`,
  focus: (selector) => `${selector}:focus-visible`,
  pressed: (selector) => `${selector}:active`,
  selected: (selector, part) =>
    ['mark', 'radio', 'checkbox'].includes(part)
      ? `${selector}:checked`
      : `${selector}:is(:has(:checked),[aria-current])`,
  disabled: (selector) => `${selector}:disabled`,
  error: (selector, part) => (part === 'box' ? `${selector}[data-error]` : `${selector}:is([data-error] *)`),
};

/**
 * Writes layers of values as CSS, weakest layer first. All of one condition come before all of the next, and each
 * selector weighs the same, so that a state outranks rest and a narrow screen outranks a wide one whatever the layer.
 */
export function layersCss(layers: readonly StyleLayer[]): string {
  // Gathered first: most sheets say nothing of most conditions, and a widget may have a thousand of them.
  const rules = new Map<string, string>();
  for (const { selector, sheet } of layers) {
    for (const [part, byCondition] of Object.entries(sheet)) {
      for (const [condition, values] of Object.entries(byCondition)) {
        const body = declarations(values);
        if (!body) continue;
        const { state } = conditionParts(condition);
        const plain = selector(part);
        const rule = `${state ? stateSelectors[state](plain, part) : plain}{${body}}`;
        rules.set(condition, (rules.get(condition) ?? '') + rule);
      }
    }
  }
  let css = '';
  for (const condition of conditions) {
    const written = rules.get(condition);
    if (!written) continue;
    const { screen } = conditionParts(condition);
    css += screen ? `@media ${windowsOf(screen)}{${written}}` : written;
  }
  return css;
}

function windowsOf(screen: Screen): string {
  const { most, least } = screenWidths[screen];
  return most === undefined ? `(min-width:${least}px)` : `(max-width:${most}px)`;
}

const written = new WeakMap<Values, string>();

// Values are never changed in place: what has been written of them once is what they say. With a thousand elements on
// the stage, a key press changes one of them.
function declarations(values: Values): string {
  const known = written.get(values);
  if (known !== undefined) return known;
  const text = writeDeclarations(values);
  written.set(values, text);
  return text;
}

function writeDeclarations(values: Values): string {
  const lines = Object.entries(values).flatMap(([name, value]) => {
    const property = valueAt(styleProperties, name);
    if (!property || backgrounds.has(name)) return [];
    const css = valueCss(property, value);
    return [property.write ? property.write(css) : `${property.css}:${css}`];
  });
  return [...lines, ...backgroundImages(values)].join(';');
}

const backgrounds = new Set(['gradient', 'image', 'imageOpacity']);

// All three are layers of one CSS property: the gradient lies over the image, and a weaker image is one under a
// veil of the background's own colour, since CSS has no opacity for a background alone.
function backgroundImages(values: Values): string[] {
  const css = (name: string) => {
    const value = valueAt(values, name);
    return value === undefined ? null : valueCss(valueAt(styleProperties, name) as StyleProperty, value);
  };
  const image = css('image');
  const strength = values['imageOpacity'];
  const veil =
    image && image !== 'none' && typeof strength === 'number' && strength < 1
      ? veilCss(css('background') ?? '#fff', strength)
      : null;
  const layers = [css('gradient'), veil, image].filter((layer) => layer !== null && layer !== 'none');
  if (layers.length > 0) return [`background-image:${layers.join(',')}`];
  return image || css('gradient') ? ['background-image:none'] : [];
}

function veilCss(background: string, strength: number): string {
  const colour = `color-mix(in srgb,${background} ${Math.round((1 - strength) * 100)}%,#0000)`;
  return `linear-gradient(${colour},${colour})`;
}

/** Rules that stand next to each other and have the same selector made one. */
export function joinRules(css: string): string {
  const written: string[] = [];
  let last = '';
  // Each piece is a rule without its brace, at times after the opening of a group (`@media …{`), or what closes one: nothing.
  for (const piece of css.split('}')) {
    const brace = piece.lastIndexOf('{');
    const selector = piece.slice(0, brace);
    if (brace > 0 && selector === last) written.push(`${written.pop() ?? ''};${piece.slice(brace + 1)}`);
    else written.push(piece);
    last = brace > 0 ? selector.slice(selector.lastIndexOf('{') + 1) : '';
  }
  return written.join('}');
}

/** A sheet without the values that a stronger one sets for the same part and condition: they could never be seen. */
export function withoutOverridden(sheet: StyleSheet, stronger: StyleSheet | undefined): StyleSheet {
  if (!stronger) return sheet;
  return mapSheet(sheet, (values, part, condition) => {
    const over = valueAt(valueAt(stronger, part), condition);
    return over ? Object.fromEntries(Object.entries(values).filter(([name]) => !(name in over))) : values;
  });
}

function mapSheet(
  sheet: StyleSheet,
  change: (values: Values, part: string, condition: string) => Values,
): StyleSheet {
  return Object.fromEntries(
    Object.entries(sheet).map(([part, byCondition]) => [
      part,
      Object.fromEntries(
        Object.entries(byCondition).map(([condition, values]) => [
          condition,
          change(values, part, condition),
        ]),
      ),
    ]),
  );
}
