import { valueAt } from '../base/maps/index.js';
import type { Length } from '../base/measure/lengths.js';

/** Four sides, from the top clockwise, or four corners from the top left. */
export type Sides = [Length, Length, Length, Length];

/** One value: px where the property is a length, a length with a unit, a keyword, a colour, an alias, or four sides. */
export type Value = string | number | Sides;

export type Values = Record<string, Value>;

export const states = ['hover', 'focus', 'pressed', 'selected', 'disabled', 'error'] as const;
export type State = (typeof states)[number];

export const screens = ['small', 'medium', 'large'] as const;
export type Screen = (typeof screens)[number];

/** The windows that count as a screen, px: up to so wide, or from so wide on. */
export const screenWidths: Record<Screen, { most?: number; least?: number }> = {
  small: { most: 600 },
  medium: { most: 1024 },
  large: { least: 1025 },
};

/**
 * When values hold: `base`, a screen (`small`), a state (`hover`), or both (`small hover`).
 * From weakest to strongest: base, large, medium, small, then each state alone and on the screens.
 */
export type Condition = string;

export const conditions: readonly Condition[] = [
  'base',
  'large',
  'medium',
  'small',
  ...states.flatMap((state) => [state, `large ${state}`, `medium ${state}`, `small ${state}`]),
];

export interface ConditionParts {
  screen: Screen | null;
  state: State | null;
}

/** Splits a condition into its screen and its state. */
export function conditionParts(condition: Condition): ConditionParts {
  const words = condition.split(' ');
  return {
    screen: screens.find((screen) => words.includes(screen)) ?? null,
    state: states.find((state) => words.includes(state)) ?? null,
  };
}

/** The condition for a screen and a state, the reverse of {@link conditionParts}. */
export function conditionOf({ screen, state }: ConditionParts): Condition {
  return [screen, state].filter(Boolean).join(' ') || 'base';
}

/** The conditions whose values hold when `wanted` does, strongest first. */
export function conditionsHolding(wanted: ConditionParts): Condition[] {
  const narrow: (Screen | null)[] =
    wanted.screen === 'small' ? ['small', 'medium', null] : [wanted.screen, null];
  const holding: Condition[] = [];
  for (const state of wanted.state ? [wanted.state, null] : [null]) {
    for (const screen of narrow) {
      const condition = conditionOf({ screen, state });
      if (!holding.includes(condition)) holding.push(condition);
    }
  }
  return holding;
}

/** Values by part, then by condition. */
export type StyleSheet = Record<string, ConditionStyles>;

/** The values of one part, by condition. */
export type ConditionStyles = Record<Condition, Values>;

/** What a sheet itself sets for a part under a condition; `undefined` where it says nothing. */
export const setIn = (
  sheet: StyleSheet | null | undefined,
  part: string,
  condition: Condition,
  property: string,
): Value | undefined => valueAt(valueAt(valueAt(sheet, part), condition), property);

/** Sheets laid over others: what both set comes from those above. */
export function mergeSheets(under: StyleSheet, over: StyleSheet): StyleSheet {
  const merged: StyleSheet = { ...under };
  for (const [part, byCondition] of Object.entries(over)) {
    const below = { ...valueAt(merged, part) };
    for (const [condition, values] of Object.entries(byCondition))
      below[condition] = { ...valueAt(below, condition), ...values };
    merged[part] = below;
  }
  return merged;
}
