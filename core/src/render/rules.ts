import {
  conditionParts,
  conditions,
  screenWidths,
  styleProperties,
  valueCss,
  type State,
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
  selected: (selector) => `${selector}:checked`,
  disabled: (selector) => `${selector}:disabled`,
  error: (selector, part) => (part === 'box' ? `${selector}[data-error]` : `[data-error] ${selector}`),
};

/**
 * Writes layers of values as CSS, weakest layer first. All of one condition come before all of the next, and each
 * selector weighs the same, so that a state outranks rest and a narrow screen outranks a wide one whatever the layer.
 */
export function layersCss(layers: readonly StyleLayer[]): string {
  let css = '';
  for (const condition of conditions) {
    const { screen, state } = conditionParts(condition);
    let rules = '';
    for (const { selector, sheet } of layers) {
      for (const [part, byCondition] of Object.entries(sheet)) {
        const body = declarations(byCondition[condition]);
        if (!body) continue;
        const plain = selector(part);
        rules += `${state ? stateSelectors[state](plain, part) : plain}{${body}}`;
      }
    }
    if (rules) css += screen ? `@media (max-width:${screenWidths[screen]}px){${rules}}` : rules;
  }
  return css;
}

function declarations(values: Values | undefined): string {
  if (!values) return '';
  return Object.entries(values)
    .flatMap(([name, value]) => {
      const property = styleProperties[name];
      return property ? [`${property.css}:${valueCss(property, value)}`] : [];
    })
    .join(';');
}

/** A sheet without the values that a stronger one sets for the same part and condition: they could never be seen. */
export function withoutOverridden(sheet: StyleSheet, stronger: StyleSheet | undefined): StyleSheet {
  if (!stronger) return sheet;
  return mapSheet(sheet, (values, part, condition) => {
    const over = stronger[part]?.[condition];
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
